import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, desc, eq, gte, inArray } from "drizzle-orm";
import { allocateBill, type Part, type PartUse } from "@/core/block";
import { centsOf, shareCents } from "@/core/larder";
import { err, groupBy, ok, type Result } from "@/core/shared";
import { makeChild, takeFrom, type Whole } from "../lots/childLot";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import type { Lot } from "../lots/lots";
import { findPlace } from "../house/places";
import { keepMake, type MakeLoss, type MakeOutput } from "../larder/makes";
import { onIce } from "../lots/lotRows";
import { makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";
import { suppliers } from "../schema/lots";
import { lotInHand } from "../lots/stock";
import type { Stamp } from "../stamp";

export type WeighedPartIn = {
  readonly part: Part;
  readonly massG: number;
  readonly use: PartUse;
  /** Where it goes; unused for waste. */
  readonly placeId: string;
};

export type NewBreakdown = {
  readonly lotId: string;
  readonly wayId: string;
  readonly wholeG: number;
  readonly parts: readonly WeighedPartIn[];
};

export type BreakdownError =
  | { readonly kind: "notOnIce" }
  | { readonly kind: "frozen" }
  | { readonly kind: "moreThanLeft"; readonly leftG: number }
  | { readonly kind: "moreThanWhole"; readonly overG: number }
  | { readonly kind: "nothing" }
  | { readonly kind: "noSuchPlace" };

export type BreakdownDone = { readonly id: string; readonly children: readonly Lot[]; readonly lossG: number };

/** A scale may be this far off over all its weighings. */
const SCALE_SHARE = 0.01;

const isKept = ({ use }: WeighedPartIn) => use !== "waste";

/** Why the parts cannot be taken off this lot; null: they can. */
function refusal(tx: Db, lot: Lot, wholeG: number, weighed: readonly WeighedPartIn[]): BreakdownError | null {
  if (lot.state === "frozen") return { kind: "frozen" };
  if (wholeG > lot.remainingG + 0.5) return { kind: "moreThanLeft", leftG: lot.remainingG };
  if (weighed.length === 0) return { kind: "nothing" };
  const overG = sumOf(weighed, ({ massG }) => massG) - wholeG;
  if (overG > wholeG * SCALE_SHARE) return { kind: "moreThanWhole", overG };
  if (weighed.filter(isKept).some(({ placeId }) => !findPlace(tx, placeId))) return { kind: "noSuchPlace" };
  return null;
}

/**
 * Takes an animal apart: every kept part becomes a lot of its own with the share of the bill its use is worth, waste is only written down,
 * what is missing is loss. No gram appears: the parts may weigh no more than the whole.
 */
export function breakDown(
  db: Db,
  { lotId, wayId, wholeG, parts }: NewBreakdown,
  day: string,
  stamp: Stamp,
): Result<BreakdownDone, BreakdownError> {
  const whole = lotInHand(db, lotId, stamp.atMs);
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot || !whole) return err({ kind: "notOnIce" });
    const weighed = parts.filter(({ massG }) => massG > 0);
    const refused = refusal(tx, lot, wholeG, weighed);
    if (refused) return err(refused);
    const id = randomUUID();
    const lossG = Math.max(0, wholeG - sumOf(weighed, ({ massG }) => massG));
    const wholeCents = centsOf(lot.remainingCents, lot.remainingG, wholeG);
    const bill = shareCents(wholeCents, allocateBill(weighed, wholeCents));
    const from: Whole = { lot, species: whole.species, life: whole.life, day, ...stamp };
    const made = weighed.flatMap((one, index) => (isKept(one) ? [partOff(tx, from, one, bill[index]!)] : []));
    const wasted = weighed
      .filter((one) => !isKept(one))
      .map(({ part, massG }): MakeLoss => ({ kind: "wasted", label: part.label, partId: part.id, massG }));
    const { leftG } = takeFrom(tx, lot, wholeG, stamp.atMs);
    const { speciesId, supplierId, form } = lot;
    keepMake(tx, {
      ...stamp,
      id,
      kind: "breakdown",
      facts: { wayId, form, speciesId, supplierId },
      inputs: [{ lotId, massG: wholeG, cents: wholeCents }],
      outputs: made.map(({ output }) => output),
      losses: [{ kind: "lost", label: "", massG: lossG }, ...wasted],
    });
    const children = made.map(({ child }) => child);
    writeDown(tx, lot, { wayId, wholeG, lossG, leftG, weighed, children }, stamp);
    return ok({ id, children, lossG });
  });
}

function partOff(tx: Db, from: Whole, { part, massG, use, placeId }: WeighedPartIn, cents: number) {
  const { label, form, id: partId } = part;
  const child = makeChild(tx, from, { massG, form, label, use, cents }, findPlace(tx, placeId)!);
  const output: MakeOutput = { lotId: child.id, label, partId, use, massG, cents };
  return { child, output };
}

/** The entry of the whole, and one of each part that is a lot now. */
function writeDown(
  tx: Db,
  { id: lotId, code }: Lot,
  done: Pick<NewBreakdown, "wayId" | "wholeG"> & {
    readonly lossG: number;
    readonly leftG: number;
    readonly weighed: readonly WeighedPartIn[];
    readonly children: readonly Lot[];
  },
  stamp: Stamp,
): void {
  const { wayId: way, wholeG, lossG, leftG, weighed, children } = done;
  const parts = weighed.map(({ part, massG, use }) => ({ part: part.label, massG, use }));
  const codes = children.map((child) => child.code);
  const payload = { code, way, wholeG, lossG, leftG, parts, children: codes };
  appendEntry(tx, { ...stamp, kind: "lot-broken-down", lotId, payload });
  for (const { id, code: child, massG, form, partLabel } of children) {
    const split = { code, child, childId: id, massG, form, note: partLabel ?? "" };
    appendEntry(tx, { ...stamp, kind: "lot-split", lotId: id, payload: split });
  }
}

export type BreakdownPart = {
  readonly partId: string;
  readonly label: string;
  readonly massG: number;
  readonly use: PartUse;
  readonly childId: string | null;
};

export type BreakdownRow = {
  readonly id: string;
  readonly lotId: string;
  readonly atMs: number;
  readonly who: string;
  /** The way it was done, as the core names it. */
  readonly wayId: string;
  readonly form: string;
  readonly speciesId: string;
  readonly supplierId: string;
  readonly supplier: string;
  readonly wholeG: number;
  readonly lossG: number;
  readonly parts: readonly BreakdownPart[];
};

type BreakdownFacts = Pick<BreakdownRow, "wayId" | "form" | "speciesId" | "supplierId">;

/** Weighings of a year say what this house gets of an animal. */
export const YIELD_DAYS = 365;

/** What was taken apart since, newest first. */
export function breakdownsSince(db: Db, sinceMs: number): BreakdownRow[] {
  const rows = db
    .select({ make: makes, lotId: makeInputs.lotId, wholeG: makeInputs.massG })
    .from(makes)
    .innerJoin(makeInputs, eq(makeInputs.makeId, makes.id))
    .where(and(eq(makes.kind, "breakdown"), gte(makes.atMs, sinceMs)))
    .orderBy(desc(makes.atMs))
    .all();
  if (rows.length === 0) return [];
  const ids = rows.map(({ make }) => make.id);
  const kept = groupBy(
    db.select().from(makeOutputs).where(inArray(makeOutputs.makeId, ids)).all(),
    ({ makeId }) => makeId,
  );
  const lost = groupBy(
    db.select().from(makeLosses).where(inArray(makeLosses.makeId, ids)).all(),
    ({ makeId }) => makeId,
  );
  const names = new Map(
    db
      .select()
      .from(suppliers)
      .all()
      .map(({ id, name }) => [id, name]),
  );
  return rows.map(({ make: { id, atMs, who, facts }, lotId, wholeG }) => {
    const known = facts as BreakdownFacts;
    const losses = lost.get(id) ?? [];
    const parts = [
      ...(kept.get(id) ?? []).map(({ partId, label, massG, use, lotId: childId }) => ({
        partId: partId!,
        label,
        massG,
        use: use as PartUse,
        childId,
      })),
      ...losses
        .filter(({ kind }) => kind === "wasted")
        .map(({ partId, label, massG }) => ({ partId: partId!, label, massG, use: "waste" as const, childId: null })),
    ];
    const lossG = losses.reduce((sum, { kind, massG }) => (kind === "lost" ? sum + massG : sum), 0);
    return { id, lotId: lotId!, atMs, who, ...known, supplier: names.get(known.supplierId)!, wholeG, lossG, parts };
  });
}
