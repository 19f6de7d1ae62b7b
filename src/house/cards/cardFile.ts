import { z } from "zod";
import type { Ingredient, SauceSpec } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { err, ok, type Result } from "@/core/shared";
import { CardBody } from "./cardSpec";
import { GoodBody } from "../stored/goodBody";
import { SauceBody } from "../stored/sauceBody";

/** A card with all it is joined from that another house would not have: its sauce and the bought goods both name. */
export const CardFile = z.strictObject({
  format: z.literal("gaffel-card"),
  version: z.literal(1),
  card: CardBody,
  sauce: SauceBody.nullable(),
  goods: z.array(GoodBody).max(60),
});
export type CardFile = z.infer<typeof CardFile>;

/** The file of a card. `own`: the house's bought goods; those that nothing in it names stay at home. */
export function writeCardFile(card: CardSpec, sauce: SauceSpec | null, own: readonly Ingredient[]): CardFile {
  const named = new Set(
    [...card.finish, ...(sauce?.base ?? []), ...(sauce?.mount ?? [])].map(({ ingredientId }) => ingredientId),
  );
  const goods = own.filter(({ id }) => named.has(id));
  return CardFile.parse({ format: "gaffel-card", version: 1, card, sauce, goods });
}

export type CardFileError = { readonly kind: "notJson" } | { readonly kind: "notACard"; readonly path: string };

/** Reads a card file; anything else is refused with the place where it stops being one. */
export function readCardFile(text: string): Result<CardFile, CardFileError> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return err({ kind: "notJson" });
  }
  const parsed = CardFile.safeParse(json);
  if (parsed.success) return ok(parsed.data);
  return err({ kind: "notACard", path: parsed.error.issues[0]?.path.map(String).join(".") ?? "" });
}
