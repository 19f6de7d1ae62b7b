"use server";
import { randomUUID } from "node:crypto";
import { err, ok, type Result } from "@/core/shared";
import { bookCard, strikeCard } from "@/db/cards/bookings";
import { findCard, keepCard } from "@/db/cards/cardSpecs";
import { dropNote, keepNote } from "@/db/cards/notes";
import { openCardFile } from "@/db/cards/openFile";
import { serveCard } from "@/db/cards/pass";
import { db } from "@/db/connection";
import { setCardMoney, setServiceMin } from "@/db/house/house";
import { readForeignRecipe } from "@/exchange/foreignRecipe";
import { readCardFile } from "@/house/cards/cardFile";
import { t } from "@/words/cards";
import { inWords, refused, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { worldNow } from "./cardData";
import {
  Book,
  DropNote,
  KeepCardIn,
  Money,
  NoteFile,
  OpenFile,
  PlaceOnPlate,
  Serve,
  ServiceHour,
  Strike,
} from "./schema";

const GONE = refused("thatCardIsNotInTheHouse", t("thatCardIsNotInTheHouse"));
const NO_CARD = { noSuchCard: GONE };

/** Covers of a card for today or a day to come. */
export const book = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("book", Book, input, intention, ({ cardId, covers, day }, { stamp, today }) => {
    if (day !== undefined && day < today) return err(refused("thatDayIsOver", t("thatDayIsOver")));
    return inWords(bookCard(db(), day ?? today, cardId, covers, stamp), NO_CARD);
  });

/** Plates that went: each keeps the card as it was. */
export const serve = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("serve", Serve, input, intention, ({ cardId, covers }, { house, stamp }) =>
    inWords(serveCard(db(), cardId, covers, worldNow(db(), house, stamp.atMs), stamp), NO_CARD),
  );

/** A card is struck off with its reason, or put back on. */
export const strike = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("strike", Strike, input, intention, ({ cardId, reason }, { stamp }) =>
    inWords(strikeCard(db(), cardId, reason, stamp), {
      ...NO_CARD,
      soAlready: refused("itIsSoAlready", t("itIsSoAlready")),
    }),
  );

/** A card is kept as it is from now on: answers with its id. */
export const keepTheCard = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("keepTheCard", KeepCardIn, input, intention, ({ cardId, card }, { stamp }) => {
    if (cardId !== null && !findCard(db(), cardId)) return err(GONE);
    const id = cardId ?? randomUUID();
    keepCard(db(), id, card, stamp);
    return ok(id);
  });

/** The plate as its parts were put: the card is kept with it. */
export const placeOnPlate = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("placeOnPlate", PlaceOnPlate, input, intention, ({ cardId, layout }, { stamp }) => {
    const card = findCard(db(), cardId);
    if (!card) return err(GONE);
    keepCard(db(), cardId, { ...card.spec, layout }, stamp);
    return ok(null);
  });

/** When service begins. */
export const sayServiceHour = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayServiceHour", ServiceHour, input, intention, ({ serviceMin }, { stamp }) => {
    setServiceMin(db(), serviceMin, stamp.who, stamp.atMs);
    return ok(null);
  });

/** A recipe from elsewhere is kept beside a card: answers with its title. */
export const keepRecipeNote = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("keepRecipeNote", NoteFile, input, intention, ({ cardId, text }, { stamp }) => {
    const recipe = readForeignRecipe(text);
    if (!recipe.ok) return err(refused("thatIsNoRecipe", t("thatIsNoRecipe")));
    const kept = keepNote(db(), cardId, recipe.value, stamp);
    return kept.ok ? ok(recipe.value.title) : inWords(kept, NO_CARD);
  });

/** A recipe is taken away from beside its card. */
export const dropRecipeNote = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("dropRecipeNote", DropNote, input, intention, ({ noteId }, { stamp }) =>
    inWords(dropNote(db(), noteId, stamp), { noSuchNote: refused("thatNoteIsGone", t("thatNoteIsGone")) }),
  );

/** Tax, extras and target of the house. */
export const sayMoney = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayMoney", Money, input, intention, (money, { stamp }) => {
    setCardMoney(db(), money, stamp.who, stamp.atMs);
    return ok(null);
  });

/** A card of another house is opened here: answers with its id. */
export const openForeignCard = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("openForeignCard", OpenFile, input, intention, ({ text }, { stamp }) => {
    const file = readCardFile(text);
    if (file.ok) return ok(openCardFile(db(), file.value, stamp));
    return err(
      file.error.kind === "notJson"
        ? refused("thatIsNoCardFile", t("thatIsNoCardFile"))
        : refused("cardFileStopsAt", t("cardFileStopsAt", { path: file.error.path || "–" })),
    );
  });
