import { lossOf, type CorrectiveAct, type Excursion } from "@/core/coldchain";
import { err, ok, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { findPlace, type Place } from "../house/places";
import { moveMadeLots } from "../larder/madeLots";
import { appendEntry } from "../ledger";
import { correctiveActions } from "../schema/house";
import { lotsThrough, type TouchedLot } from "./excursions";
import { lotsIn } from "./lots";
import { moveLot, wasteLot } from "./movements";

export type CorrectiveAnswer = {
  readonly act: CorrectiveAct;
  /** In the cook's own words; may be empty where the act says it. */
  readonly words: string;
  /** What the waste of a lot that is thrown away is put down to. */
  readonly wasteReason: string;
};

/** What was really done. */
export type AnsweredBy = {
  /** Codes of the lots that went elsewhere. */
  readonly moved: readonly string[];
  /** Codes of the lots that were thrown away, and what they cost. */
  readonly thrown: readonly string[];
  readonly lostCents: number;
};

export type AnswerError = { readonly kind: "noSuchPlace" | "nothingThere" | "nothingOverTheRule" };

type Stamp = {
  readonly who: string;
  readonly atMs: number;
  /** The house's today. */
  readonly day: string;
};

const NONE: AnsweredBy = { moved: [], thrown: [], lostCents: 0 };

function moveAll(db: Db, from: Place, toPlaceId: string, { day, ...stamp }: Stamp): Result<AnsweredBy, AnswerError> {
  const to = findPlace(db, toPlaceId);
  if (!to || to.id === from.id) return err({ kind: "noSuchPlace" });
  const there = lotsIn(db, from.id);
  for (const { id } of there) moveLot(db, id, to.id, day, stamp);
  const moved = [...there.map(({ code }) => code), ...moveMadeLots(db, from, to, stamp)];
  return moved.length === 0 ? err({ kind: "nothingThere" }) : ok({ ...NONE, moved });
}

function throwOver(
  db: Db,
  touched: readonly TouchedLot[],
  reason: string,
  stamp: Stamp,
): Result<AnsweredBy, AnswerError> {
  const over = touched.filter(({ lot, overHistamine }) => overHistamine && lot.status === "on-ice");
  if (over.length === 0) return err({ kind: "nothingOverTheRule" });
  for (const { lot } of over) wasteLot(db, lot.id, { massG: lot.remainingG, reason }, stamp);
  const { histamineCents: lostCents } = lossOf(over);
  return ok({ ...NONE, thrown: over.map(({ lot }) => lot.code), lostCents });
}

/**
 * Does what the answer says and records it, with the lots the excursion touched: all of it, or nothing. A lot is moved or thrown away here,
 * never only in words.
 */
export function answerExcursion(
  db: Db,
  place: Place,
  excursion: Excursion,
  { act, words, wasteReason }: CorrectiveAnswer,
  stamp: Stamp,
): Result<AnsweredBy, AnswerError> {
  const { who, atMs } = stamp;
  return db.transaction((tx) => {
    const touched = lotsThrough(tx, place.id, excursion, atMs);
    const done = ((): Result<AnsweredBy, AnswerError> => {
      if (act.kind === "moved") return moveAll(tx, place, act.toPlaceId, stamp);
      if (act.kind === "thrown") return throwOver(tx, touched, wasteReason, stamp);
      return ok(NONE);
    })();
    if (!done.ok) return done;
    const readingC = act.kind === "probed" ? act.warmestC : null;
    const toPlaceId = act.kind === "moved" ? act.toPlaceId : null;
    const excursionFromMs = Math.round(excursion.fromMs);
    tx.insert(correctiveActions)
      .values({ placeId: place.id, excursionFromMs, kind: act.kind, readingC, toPlaceId, action: words, who, atMs })
      .run();
    const payload = {
      place: place.name,
      fromMs: excursion.fromMs,
      toMs: excursion.toMs,
      extremeC: excursion.extremeC,
      did: act.kind,
      readingC,
      to: toPlaceId === null ? null : (findPlace(tx, toPlaceId)?.name ?? null),
      moved: done.value.moved,
      thrown: done.value.thrown,
      action: words,
      lots: touched.map(({ lot }) => lot.code),
    };
    appendEntry(tx, { atMs, who, kind: "excursion-answered", payload });
    for (const { lot, effect } of touched) {
      const ownPayload = {
        ...payload,
        lots: [lot.code],
        moved: payload.moved.filter((code) => code === lot.code),
        thrown: payload.thrown.filter((code) => code === lot.code),
        lostIceDays: effect.lostIceDays,
        histamineOk: effect.histamine?.ok ?? null,
      };
      appendEntry(tx, { atMs, who, kind: "excursion-answered", lotId: lot.id, payload: ownPayload });
    }
    return done;
  });
}
