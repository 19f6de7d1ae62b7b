import { sumOf } from "@/core/numeric";
import { coolingRuleOf, judgeCooling, type CoolingVerdict, type RuleSetId } from "@/core/safety";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { MINUTE_MS } from "@/core/units";
import { STRAINED_C } from "@/house/butter/stockPot";
import { isKind } from "@/core/trace";
import type { Db } from "../connection";
import { madeLot, type MadeLot } from "../larder/madeLots";
import { appendEntry, entriesAbout } from "../ledger";

export type PotCooled = {
  readonly verdict: CoolingVerdict["verdict"];
  /** Null: nobody has read it yet. */
  readonly lastC: number | null;
  readonly read: number;
  /** By when it has to be down to the next figure of the rule, minutes after it was strained; null: the rule has nothing more to ask. */
  readonly nextByMin: number | null;
};

const readingsOf = (db: Db, lot: Pick<MadeLot, "id" | "receivedAtMs">) =>
  entriesAbout(db, { kind: "lot", id: lot.id })
    .filter(isKind("stock-read"))
    .map(({ atMs, payload }) => [(atMs - lot.receivedAtMs) / MINUTE_MS, Number(payload.celsius)] as const);

function judged(ruleSetId: RuleSetId, readings: readonly (readonly [number, number])[]): PotCooled {
  const { verdict, stages } = judgeCooling(coolingRuleOf(ruleSetId), [[0, STRAINED_C], ...readings]);
  const open = stages.findIndex(({ ok }) => ok === null);
  return {
    verdict,
    lastC: readings.at(-1)?.[1] ?? null,
    read: readings.length,
    nextByMin: open < 0 ? null : sumOf(stages.slice(0, open + 1), ({ limitMin }) => limitMin),
  };
}

/** How a strained pot has cooled by its readings; a pot nobody read is not known to have cooled. */
export const potCooled = (db: Db, lot: Pick<MadeLot, "id" | "receivedAtMs">, ruleSetId: RuleSetId): PotCooled =>
  judged(ruleSetId, readingsOf(db, lot));

/** A reading of a cooling pot. Refused: it is gone. */
export function readPot(
  db: Db,
  lotId: string,
  celsius: number,
  ruleSetId: RuleSetId,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<PotCooled, Refusal<"potIsGone">> {
  return db.transaction((tx) => {
    const lot = madeLot(tx, lotId);
    if (!lot) return refuse("potIsGone");
    const minutes = Math.max(0.1, (atMs - lot.receivedAtMs) / MINUTE_MS);
    const cooled = judged(ruleSetId, [...readingsOf(tx, lot), [minutes, celsius]]);
    const payload = { code: lot.code, celsius, minutes, verdict: cooled.verdict };
    appendEntry(tx, { atMs, who, kind: "stock-read", lotId, payload });
    return ok(cooled);
  });
}
