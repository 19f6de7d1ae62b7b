import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, desc, eq, gte, inArray } from "drizzle-orm";
import { allocateBill, type Part, type PartUse } from "@/core/block";
import { centsOf, shareCents } from "@/core/larder";
import { err, groupBy, ok, type Result } from "@/core/shared";
import { makeChild, takeFrom } from "../lots/childLot";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import type { Lot } from "../lots/lots";
import { findPlace } from "../house/places";
import { keepMake, type MakeLoss, type MakeOutput } from "../larder/makes";
import { onIce } from "../lots/lotRows";
import { makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";
import { suppliers } from "../schema/lots";
import { lotInHand } from "../lots/stock";

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

/**
 * Takes an animal apart: every kept part becomes a lot of its own with the share of the bill its use is worth, waste is only written down,
 * what is missing is loss. No gram appears: the parts may weigh no more than the whole.
 */
export function breakDown(
  db: Db,
  { lotId, wayId, wholeG, parts }: NewBreakdown,
  day: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<BreakdownDone, BreakdownError> {
  const whole = lotInHand(db, lotId, atMs);
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot || !whole) return err({ kind: "notOnIce" });
    if (lot.state === "frozen") return err({ kind: "frozen" });
    if (wholeG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    const weighed = parts.filter(({ massG }) => massG > 0);
    if (weighed.length === 0) return err({ kind: "nothing" });
    const partsG = sumOf(weighed, ({ massG }) => massG);
    if (partsG > wholeG * (1 + SCALE_SHARE)) return err({ kind: "moreThanWhole", overG: partsG - wholeG });
    if (weighed.some(({ use, placeId }) => use !== "waste" && !findPlace(tx, placeId)))
      return err({ kind: "noSuchPlace" });
    const id = randomUUID();
    const { speciesId, supplierId, form } = lot;
    const lossG = Math.max(0, wholeG - partsG);
    const wholeCents = centsOf(lot.remainingCents, lot.remainingG, wholeG);
    const bill = shareCents(wholeCents, allocateBill(weighed, wholeCents));
    const children: Lot[] = [];
    const outputs: MakeOutput[] = [];
    const losses: MakeLoss[] = [{ kind: "lost", label: "", massG: lossG }];
    for (const [index, { part, massG, use, placeId }] of weighed.entries()) {
      if (use === "waste") {
        losses.push({ kind: "wasted", label: part.label, partId: part.id, massG });
        continue;
      }
      const cents = bill[index]!;
      const from = { lot, species: whole.species, life: whole.life, atMs, who, day };
      const child = makeChild(
        tx,
        from,
        { massG, form: part.form, label: part.label, use, cents },
        findPlace(tx, placeId)!,
      );
      children.push(child);
      outputs.push({ lotId: child.id, label: part.label, partId: part.id, use, massG, cents });
    }
    const { leftG } = takeFrom(tx, lot, wholeG, atMs);
    const inputs = [{ lotId, massG: wholeG, cents: wholeCents }];
    keepMake(tx, {
      id,
      kind: "breakdown",
      atMs,
      who,
      facts: { wayId, form, speciesId, supplierId },
      inputs,
      outputs,
      losses,
    });
    const payload = {
      code: lot.code,
      way: wayId,
      wholeG,
      lossG,
      leftG,
      parts: weighed.map(({ part, massG, use }) => ({ part: part.label, massG, use })),
      children: children.map(({ code }) => code),
    };
    appendEntry(tx, { atMs, who, kind: "lot-broken-down", lotId, payload });
    for (const child of children)
      appendEntry(tx, {
        atMs,
        who,
        kind: "lot-split",
        lotId: child.id,
        payload: {
          code: lot.code,
          child: child.code,
          childId: child.id,
          massG: child.massG,
          form: child.form,
          note: child.partLabel ?? "",
        },
      });
    return ok({ id, children, lossG });
  });
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
