import { z } from "zod";
import { CardBody, PlateLayout } from "@/house/cards/cardSpec";
import { t } from "@/words/cards";

const cardId = z.string().min(1).max(80);

export const Book = z.strictObject({
  cardId,
  covers: z.number(t("howManyCovers")).int(t("howManyCovers")).min(0, t("howManyCovers")).max(300, t("checkTheCovers")),
  /** Left out: today. */
  day: z.iso.date().optional(),
});

export const Serve = z.strictObject({ cardId, covers: z.number().int().min(1).max(40) });

export const Strike = z.strictObject({ cardId, reason: z.string().trim().min(2, t("sayWhy")).max(120).nullable() });

export const KeepCardIn = z.strictObject({ cardId: cardId.nullable(), card: CardBody });

export const Money = z.strictObject({
  vatPct: z.number().min(0).max(40),
  extraCents: z.number().int().min(0).max(10_000),
  targetPct: z.number().min(5).max(100),
});

export const PlaceOnPlate = z.strictObject({ cardId, layout: PlateLayout });

export const ServiceHour = z.strictObject({ serviceMin: z.number().int().min(0).max(1439) });

export const NoteFile = z.strictObject({
  cardId,
  text: z.string().min(2, t("chooseARecipe")).max(400_000, t("fileIsTooLarge")),
});

export const DropNote = z.strictObject({ noteId: z.string().min(1).max(80) });

export const OpenFile = z.strictObject({ text: z.string().min(2, t("chooseAFile")).max(400_000, t("fileIsTooLarge")) });
