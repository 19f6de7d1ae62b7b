"use server";
import { err, ok, type Result } from "@/core/shared";
import { foldName } from "@/core/species";
import { db } from "@/db/connection";
import { addOwnSpecies } from "@/db/house/species";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { AddSpecies } from "./schema";
import { t } from "@/words/dock";

/** "sv:gös, da:sandart" or plain names, which count as English. */
function namesOf(text: string): { language: string; name: string }[] {
  return text
    .split(/[,;|]/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const tagged = /^([a-z]{2}):\s*(.+)$/.exec(part);
      return tagged ? { language: tagged[1]!, name: tagged[2]! } : { language: "en", name: part };
    });
}

/** Adds a species of the house: its own facts, the rest after the nearest one in the table. */
export const addSpecies = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("addSpecies", AddSpecies, input, intention, ({ names, ...facts }, { stamp }) => {
    const id = `own-${foldName(facts.name).replaceAll(" ", "-")}`;
    const added = addOwnSpecies(db(), { ...facts, id, marketNames: namesOf(names) }, stamp.who, stamp.atMs);
    return added.ok ? ok(id) : err(refused("aSpeciesOfThatNameIs", t("aSpeciesOfThatNameIs")));
  });
