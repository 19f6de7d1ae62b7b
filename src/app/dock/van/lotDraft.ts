import { nanoid } from "nanoid";
import { judgeAtDoor, schemeFor, usualForm, type DoorJudgement, type Grades, type Scheme } from "@/core/freshness";
import { edibleCost, type EdibleCost } from "@/core/block";
import type { RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";
import { adviceFor, completeness, type Completeness, type Provenance } from "@/core/trace";
import { daysBetween } from "@/core/units";
import type { Advice } from "@/db/house/advice";
import type { Format } from "@/words/format/format";
import type { NewLotInput } from "../schema";
import { stillWords } from "../lot/stillWords";
import { t } from "@/words/dock";

/** What can be taken over from a delivery before. */
export type TakenOver = "pricePerKg" | "area" | "gear" | "source" | "production" | "provenance";

/** One lot on the receiving desk, in the units the screen shows; null is not said yet. */
export type LotDraft = {
  readonly key: string;
  readonly speciesId: string | null;
  readonly form: NewLotInput["form"];
  readonly frozen: boolean;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  readonly caughtOn: string | null;
  readonly mass: number | null;
  readonly statedMass: number | null;
  readonly pricePerKg: number | null;
  readonly receipt: number | null;
  readonly placeId: string | null;
  readonly grades: Grades;
  readonly provenance: Provenance;
  /** Fields that hold what the delivery before said: shown so until a hand says it is so. */
  readonly takenOver: readonly TakenOver[];
  /** Somebody chose where it goes: another fish does not change that. */
  readonly placeByHand: boolean;
  /** The order it came for; null: nobody expected it. */
  readonly orderId: string | null;
};

export const emptyDraft = (placeId: string | null): LotDraft => ({
  key: nanoid(6),
  speciesId: null,
  form: "whole-gutted",
  frozen: false,
  production: "wild",
  area: "",
  gear: "",
  source: "",
  caughtOn: null,
  mass: null,
  statedMass: null,
  pricePerKg: null,
  receipt: null,
  placeId,
  grades: {},
  provenance: {},
  takenOver: [],
  placeByHand: false,
  orderId: null,
});

/** A species chosen: the form it is usually bought in, and grades that belonged to another check go. */
export function withSpecies(draft: LotDraft, species: Species): LotDraft {
  const form = usualForm(species);
  const { frozen } = species.boughtAs;
  const production = species.boughtAs.production ?? draft.production;
  return { ...draft, speciesId: species.id, form, frozen, production, grades: {} };
}

export type ReadDraft = {
  readonly species: Species;
  readonly scheme: Scheme;
  readonly judgement: DoorJudgement;
  readonly papers: Completeness;
  readonly cost: EdibleCost | null;
  readonly advice: Advice | null;
  /** Percent the scale shows under the paper; null when it agrees within 2 % or nothing is stated. */
  readonly shortPct: number | null;
};

/** Scales and drip explain the first two per cent (common practice). */
const SHORT_FROM_PCT = 2;

/** Everything the desk can say of a draft as it stands. */
export function readDraft(
  draft: LotDraft,
  species: Species,
  {
    ruleSetId,
    nowMs,
    format,
    advice,
  }: {
    readonly ruleSetId: RuleSetId;
    readonly nowMs: number;
    readonly format: Format;
    readonly advice: readonly Advice[];
  },
): ReadDraft {
  const { form, frozen, provenance, caughtOn, production, area, gear, source } = draft;
  const caughtMs = caughtOn === null ? null : Date.parse(`${caughtOn}T12:00:00Z`);
  const judgement = judgeAtDoor({
    species,
    form,
    frozen,
    deaths: provenance.deaths ?? null,
    grades: draft.grades,
    receiptC: draft.receipt === null ? null : format.fromTemperature(draft.receipt),
    daysSinceCatch: caughtMs === null ? null : Math.max(0, daysBetween(caughtMs, nowMs)),
    ruleSetId,
  });
  const shortPct = draft.mass !== null && draft.statedMass !== null ? 100 * (1 - draft.mass / draft.statedMass) : 0;
  return {
    species,
    scheme: schemeFor(species, form, frozen),
    judgement,
    papers: completeness(ruleSetId, { species, form, production, area, gear, source, caughtOn, frozen, provenance }),
    cost: draft.pricePerKg === null ? null : edibleCost(species, form, draft.pricePerKg * 100),
    advice: adviceFor(advice, { speciesId: species.id, production, area, gear }),
    shortPct: shortPct > SHORT_FROM_PCT ? shortPct : null,
  };
}

/** Where on the desk an answer is given. */
export type AskedAt =
  "supplier" | "fish" | "weight" | "price" | "probe" | "area" | "gear" | "source" | "place" | "signs";
export type Lack = { readonly at: AskedAt; readonly words: string };

/** The first thing without which this lot cannot be kept, in the cook's words, and where it is said. */
export function lackOf(draft: LotDraft, judgement: DoorJudgement | null): Lack | null {
  if (!draft.speciesId) return { at: "fish", words: t("whichFishIsIt") };
  if (draft.mass === null) return { at: "weight", words: t("howMuchDoesItWeigh") };
  if (draft.pricePerKg === null) return { at: "price", words: t("whatDoesAKiloCost") };
  if (draft.receipt === null) return { at: "probe", words: t("probeItTemperatureAtTheDoor") };
  if (draft.area.trim() === "") return { at: "area", words: t("whereWasItCaughtOrReared") };
  if (draft.gear.trim() === "") return { at: "gear", words: t("howWasItCaughtOrReared") };
  if (draft.source.trim() === "") return { at: "source", words: t("whichBoatOrFarm") };
  if (!draft.placeId) return { at: "place", words: t("whereDoesItGo") };
  if (judgement && !judgement.complete && judgement.verdict !== "refuse") {
    const words = t("stillToLookAtStillToLookAt", { stillToLookAt: stillWords(judgement.stillToLookAt) });
    return { at: "signs", words };
  }
  return null;
}

/** The draft in the core's units, as the action takes it. */
export function inputOf(draft: LotDraft, format: Format): unknown {
  const { key: _key, takenOver: _taken, placeByHand: _byHand, mass, statedMass, receipt, grades, ...rest } = draft;
  return {
    ...rest,
    massG: format.fromBigMass(mass ?? 0),
    statedMassG: statedMass === null ? null : format.fromBigMass(statedMass),
    receiptC: format.fromTemperature(receipt ?? 0),
    grades: Object.fromEntries(Object.entries(grades).filter(([, grade]) => grade !== undefined)),
  };
}
