import type { Composition } from "@/core/matter";
import type { RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { findSpecies, type Species } from "@/core/species";
import { PANS, type PanId } from "./data/station";
import { planCook, setupOf, type CookPlan, type CookRequest } from "./plan";
import type { Snapshot } from "./skinCrisp";
import { traceCook } from "./times";

/** A question to the stove in plain data, so that it can cross to a worker or the server. */
export type SheetRequest = {
  readonly speciesId: string;
  readonly thicknessMm: number;
  readonly thinnestMm: number;
  readonly thickestMm: number;
  readonly skin: boolean;
  readonly startC: number;
  readonly panC: number;
  readonly ovenC: number;
  readonly panId: PanId;
  readonly targetC: number;
  readonly pieces: number;
  readonly pieceG: number;
  readonly ruleSetId: RuleSetId;
  /** Of the piece as it was prepared. */
  readonly composition?: Composition;
  readonly stuffed?: boolean;
  /** Species the house has added, where the fish is one of them. */
  readonly own?: readonly Species[];
};

export type Sheet = { readonly plan: CookPlan; readonly trace: readonly Snapshot[] };

const TRACE_STEP_S = 5;
/** The drawing goes on a little past serving, to show the centre turn. */
const AFTER_SERVING_S = 60;

function requestOf(sheet: SheetRequest): CookRequest | null {
  const species = findSpecies(sheet.speciesId, sheet.own);
  const pan = PANS.find(({ id }) => id === sheet.panId);
  return species && pan ? { ...sheet, species, pan } : null;
}

const UNKNOWN = "That fish or pan is not in the table.";

/** The plan alone, as the server keeps it with a cook. */
export function planSheet(sheet: SheetRequest): Result<CookPlan, string> {
  const request = requestOf(sheet);
  if (!request) return err(UNKNOWN);
  const planned = planCook(request);
  return planned.ok ? planned : err(planned.error.message);
}

/** The plan and the course of the cook, for drawing. */
export function drawSheet(sheet: SheetRequest): Result<Sheet, string> {
  const request = requestOf(sheet);
  if (!request) return err(UNKNOWN);
  const planned = planSheet(sheet);
  if (!planned.ok) return planned;
  const { times, restS } = planned.value;
  return ok({ plan: planned.value, trace: traceCook(setupOf(request), times, restS + AFTER_SERVING_S, TRACE_STEP_S) });
}

export type PanPiece = {
  readonly massG: number;
  readonly maxThicknessMm: number;
  /** Where it is folded or paired: what the pan sees. */
  readonly cookThicknessMm?: number | null;
};
export type PanLoad = {
  readonly pieceG: number;
  readonly thicknessMm: number;
  readonly thinnestMm: number;
  readonly thickestMm: number;
};

/** What `count` pieces are together, thickest first as they go into the pan; the plan is made for their mean. */
export function loadOf(pieces: readonly PanPiece[], count: number): PanLoad | null {
  const thicknessOf = (piece: PanPiece) => piece.cookThicknessMm ?? piece.maxThicknessMm;
  const chosen = [...pieces].sort((a, b) => thicknessOf(b) - thicknessOf(a)).slice(0, count);
  if (chosen.length === 0) return null;
  const mean = (read: (piece: PanPiece) => number) =>
    chosen.reduce((sum, piece) => sum + read(piece), 0) / chosen.length;
  return {
    pieceG: mean(({ massG }) => massG),
    thicknessMm: mean(thicknessOf),
    thinnestMm: thicknessOf(chosen.at(-1)!),
    thickestMm: thicknessOf(chosen[0]!),
  };
}
