import { randomUUID } from "node:crypto";
import type { CardFile } from "@/house/cards/cardFile";
import { keepForeignGood } from "../butter/goods";
import { keepSauceSpec } from "../butter/specs";
import type { Db } from "../connection";
import { keepCard } from "./cardSpecs";

/** Opens a card of another house: its goods, its sauce and the card, under names of this house. Answers with the card's id. */
export function openCardFile(db: Db, file: CardFile, stamp: { readonly who: string; readonly atMs: number }): string {
  return db.transaction((tx) => {
    for (const good of file.goods) keepForeignGood(tx, good, stamp);
    const sauceId = file.sauce ? randomUUID() : null;
    if (file.sauce && sauceId) keepSauceSpec(tx, sauceId, file.sauce, stamp);
    const { card } = file;
    const sauce = card.sauce && sauceId ? { ...card.sauce, specId: sauceId } : null;
    const cardId = randomUUID();
    keepCard(tx, cardId, { ...card, sauce }, stamp);
    return cardId;
  });
}
