import { z } from "zod";
import type { Grades, Reason } from "@/core/freshness";
import { FREEZER_IDS, WRAP_IDS } from "@/core/raw";
import type { ParasiteRuleId } from "@/core/safety";
import type { Provenance } from "@/core/trace";
import type { HoldFacts } from "../lots/holdFacts";
import { storedForm } from "./form";
import { Spoken, word } from "./parts";

const Grade = z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);

export const GRADES = storedForm<Grades>("the grades of a lot", z.record(z.string(), Grade));

export const REASONS = storedForm<readonly Reason[]>(
  "the reasons of a verdict",
  z.array(
    z.looseObject({
      weight: z.enum(["decides", "limits", "notes"]),
      code: word<NonNullable<Reason["code"]>>().exactOptional(),
      text: Spoken,
      source: z.string(),
    }),
  ),
);

const flag = z.boolean().exactOptional();
const text = z.string().exactOptional();

/** Nothing here speaks for a lot unless it is exactly what it should be: "yes" is not `true`. */
export const PROVENANCE = storedForm<Provenance>(
  "the papers of a lot",
  z.looseObject({
    subArea: text,
    landingPlace: text,
    supplierLot: text,
    tag: z.looseObject({ certificate: z.string(), harvestedOn: z.string(), dealer: z.string() }).exactOptional(),
    byCatch: flag,
    defrosted: flag,
    useBy: text,
    openDays: z.number().min(0).exactOptional(),
    additives: z.array(z.string()).exactOptional(),
    rearing: z.enum(["net-pen", "land-based", "ranched"]).exactOptional(),
    feedStatement: flag,
    freezingStatement: flag,
    clearedGround: flag,
    roeOn: flag,
    skein: z.enum(["in", "removed-and-rinsed"]).exactOptional(),
    dealerListed: flag,
    waterClass: z.enum(["A", "B", "C"]).exactOptional(),
    catchDocument: text,
    pieces: z.number().exactOptional(),
    wholeKg: z.number().exactOptional(),
    deaths: z.looseObject({ dead: z.number(), counted: z.number() }).exactOptional(),
  }),
);

const Reading = z.looseObject({ atMs: z.number(), celsius: z.number() });
const Pack = z.looseObject({
  shape: z.enum(["slab", "cylinder", "sphere"]),
  thicknessMm: z.number().positive(),
  layers: z.number().positive(),
  wrap: z.enum(WRAP_IDS),
  freezer: z.enum(FREEZER_IDS),
  startC: z.number(),
});

/** Version 1 did not say how a lot was thawed: there was one way. Nor what the planner expected: there was no planner. */
function sayTheWay(kept: unknown): unknown {
  const facts = kept as { readonly kind?: unknown };
  if (facts.kind === "thaw") return { way: "refrigerator", ...facts };
  return facts.kind === "parasite" ? { expected: null, ...facts } : kept;
}

export const HOLD_FACTS = storedForm<HoldFacts>(
  "what a hold was begun with",
  z.discriminatedUnion("kind", [
    z.looseObject({
      kind: z.literal("parasite"),
      ruleId: z.enum(["fda-2022", "eu-853"]) satisfies z.ZodType<ParasiteRuleId>,
      stated: Reading.nullable(),
      expected: Reading.nullable(),
      pack: Pack.exactOptional(),
    }),
    z.looseObject({ kind: z.literal("cure"), plannedH: z.number(), note: z.string() }),
    z.looseObject({
      kind: z.literal("thaw"),
      plannedH: z.number(),
      vacuumPack: z.boolean(),
      packOpened: z.boolean(),
      way: z.enum(["refrigerator", "running-water"]),
    }),
    z.looseObject({ kind: z.literal("tag"), untilMs: z.number(), lastServedOn: z.string() }),
  ]),
  [sayTheWay],
);
