import type { Attribute } from "@/core/freshness";
import { clearRaw, parasiteAnswer, type Clearance } from "@/core/raw";
import { parasiteRuleOf } from "@/core/safety";
import { lineOf, staysSinceDoor } from "@/house/lots/lineage";
import {
  boxFacts,
  freezingFacts,
  historyFacts,
  inspectionFacts,
  parasiteFacts,
  probedC,
  rawUntilMs,
  shellfishFacts,
} from "@/house/raw/rawFacts";
import type { Db } from "../connection";
import { withWholes } from "../lots/excursions";
import { keptHoldsOf } from "../lots/holds";
import { stockRoom, type StockLot } from "../lots/stock";
import { notesOf } from "./lotNotes";

/** What a plan under the cook rule asks of its lot: the parasite rule, with what is known. */
export function parasitesOf(db: Db, { row, species }: StockLot, nowMs: number) {
  const { ruleSetId } = stockRoom(db, [], nowMs).house;
  const family = lineOf(row, withWholes(db, [row]));
  return parasiteAnswer({
    species,
    ruleSetId,
    parasites: parasiteFacts(row, notesOf(db, row.id)),
    hold: freezingFacts(family, (id) => keptHoldsOf(db, id, nowMs), parasiteRuleOf(ruleSetId), nowMs),
  });
}

export type RawLot = {
  readonly lot: StockLot;
  readonly clearance: Clearance;
  /** Deciding signs nobody has looked at yet. */
  readonly lacking: readonly Attribute[];
};

/** May this lot be served raw: every fact the house has of it, judged. */
export function clearLot(db: Db, lot: StockLot, dish: "raw" | "cured", nowMs: number): RawLot {
  const { row, species, life } = lot;
  const wholes = withWholes(db, [row]);
  const family = lineOf(row, wholes);
  const { house, places, historyOf, staysOf } = stockRoom(db, [...wholes.keys()], nowMs);
  const notes = notesOf(db, row.id);
  const { verdict, inspected, lacking } = inspectionFacts(family, notes, species);
  const stays = staysSinceDoor(row, wholes, staysOf);
  const clearance = clearRaw({
    species,
    // trim of raw grade is flesh like the piece it came off
    form: lot.byProduct && row.partUse === "raw" ? "fillet" : row.form,
    state: row.state,
    ruleSetId: house.ruleSetId,
    dish,
    verdict,
    inspected,
    parasites: parasiteFacts(row, notes),
    hold: freezingFacts(family, (id) => keptHoldsOf(db, id, nowMs), parasiteRuleOf(house.ruleSetId), nowMs),
    history: historyFacts(stays, places, historyOf, row.onceFrozen, nowMs),
    wholeKg: row.provenance.wholeKg ?? null,
    probeC: probedC(notes, nowMs),
    rawUntilMs: rawUntilMs(life, row.state === "live", dish, nowMs),
    box: boxFacts(row),
    shellfish: shellfishFacts(family, notes, nowMs),
    susceptibleGuests: house.susceptibleGuests,
    nowMs,
  });
  return { lot, clearance, lacking };
}
