import type { Composition } from "@/core/matter";
import type { CookedAs, RuleSetId } from "@/core/safety";
import type { Species, SpeciesGroup } from "@/core/species";
import type { CookSetup } from "../model";
import { PANS, USUAL_FILMS, type Films, type Pan } from "../model";
import { OPENS_AT_C, type Goal } from "./goal";
import { usualCookForm } from "../methods";
import {
  kitOf,
  methodOf,
  type CookForm,
  type Kit,
  type KnobId,
  type Method,
  type MethodId,
  type StageTemplate,
} from "../methods";
import { governingMm, resized, USUAL_FILLING, type PieceShape, type StovePiece } from "../model";

/** What a cook may ask for; a method with a goal of its own (tender, open) keeps it. */
export type AskedGoal =
  | { readonly kind: "centre" | "doneness"; readonly targetC: number }
  | { readonly kind: "rim"; readonly rimMm: number }
  | { readonly kind: "safe" };

/** What the cook asks the planner. */
export type CookRequest = {
  readonly species: Species;
  /** Of the piece as prepared; the species' own when left out. */
  readonly composition?: Composition;
  /** Judged by the rule for stuffed fish. */
  readonly stuffed?: boolean;
  /** Minced and shaped, whatever way it is cooked. */
  readonly minced?: boolean;
  readonly shape: PieceShape;
  /** How it is dressed; the animal's usual way when left out. */
  readonly form?: CookForm;
  readonly skin: boolean;
  readonly startC: number;
  readonly methodId: MethodId;
  readonly schoolId?: string;
  readonly kit?: Partial<Record<KnobId, number>>;
  readonly goal: AskedGoal;
  readonly ruleSetId: RuleSetId;
  /** Minutes it lay out to temper before. */
  readonly temperedMin?: number;
  readonly pan?: Pan;
  readonly pieces?: number;
  readonly pieceG?: number;
  /** Thinnest and thickest piece of the batch, if they differ: their governing size. */
  readonly thinnestMm?: number;
  readonly thickestMm?: number;
  /** Coefficients learned from this house's pan and oven. */
  readonly films?: Partial<Films>;
};

/** Everything a plan is computed from, worked out of the request once. */
export type Job = {
  readonly request: CookRequest;
  readonly method: Method;
  readonly school: string;
  readonly kit: Kit;
  readonly pan: Pan;
  readonly setup: CookSetup;
  readonly stages: readonly StageTemplate[];
  readonly goal: Goal;
  readonly as: CookedAs;
  readonly learned: boolean;
};

function goalOf({ goal, ruleSetId, species }: CookRequest, method: Method, as: CookedAs): Goal {
  if (method.tender) return { kind: "tender" };
  // shells asked by the rule obey it: the figure against norovirus, for that is why anybody asks it of them
  if (goal.kind === "safe") return { kind: "safe", ruleSetId, as: species.group === "bivalve" ? "virus" : as };
  if (method.opens)
    return { kind: "centre", targetC: goal.kind === "rim" ? OPENS_AT_C : Math.max(OPENS_AT_C, goal.targetC) };
  return goal;
}

/** How the piece of a request is dressed. */
export const cookFormOf = ({ form, shape, species }: Pick<CookRequest, "form" | "shape" | "species">): CookForm =>
  form ?? (shape.kind === "tube" ? "stuffed" : usualCookForm(species));

const SHELLFISH: ReadonlySet<SpeciesGroup> = new Set(["crustacean", "bivalve", "gastropod", "echinoderm"]);

/** Which rule it is judged by: what it is made of before how it is cooked. */
export function cookedAs({ species, stuffed, minced, shape, form }: CookRequest, method: Method): CookedAs {
  if (stuffed || shape.kind === "tube") return "stuffed";
  if (minced || form === "cake" || method.comminuted) return "comminuted";
  if (method.bath) return "bath";
  return SHELLFISH.has(species.group) ? "shellfish" : "fish";
}

export function jobOf(request: CookRequest): Job {
  const { species, shape, startC } = request;
  const method = methodOf(request.methodId);
  const school = method.schools.find(({ id }) => id === request.schoolId)?.id ?? method.schools[0]?.id ?? "";
  const kit = kitOf(method, school, request.kit);
  const pan = request.pan ?? PANS[0];
  const kindOf = cookedAs(request, method);
  const as = request.goal.kind === "safe" && species.group === "bivalve" ? "virus" : kindOf;
  const piece: StovePiece = {
    shape,
    group: species.donenessGroup,
    composition: request.composition ?? species.compositionPct,
    filling: shape.kind === "tube" ? USUAL_FILLING : null,
    skin: request.skin && method.suits.skin !== "off",
    startC,
    massG: request.pieceG ?? species.portion.massG,
    coatMm: method.coatMm ?? 0,
  };
  return {
    request,
    method,
    school,
    kit,
    pan,
    setup: {
      piece,
      films: { ...USUAL_FILMS, ...request.films },
      pieces: request.pieces ?? 1,
      wholeFlesh: (method.tender ?? false) || request.goal.kind === "rim",
    },
    stages: method.build({ piece, kit, pan, school }),
    goal: goalOf(request, method, as),
    as,
    learned: Object.keys(request.films ?? {}).length > 0,
  };
}

/** The same job for a piece of another size. */
export function jobFor(job: Job, governing: number): Job {
  const shape = resized(job.request.shape, governing);
  return jobOf({ ...job.request, shape });
}

export const governingOf = ({ request }: Job): number => governingMm(request.shape);
