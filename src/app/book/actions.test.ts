import { db } from "@/db/connection";
import { checksOf } from "@/db/house/checks";
import { lastEntry } from "@/db/ledger";
import { packIn } from "../butter/goods/actions";
import { actionLaws, type Row } from "../testkit/actionLaws.testkit";
import { inADemoHouse, request } from "../testkit/inTheHouse.testkit";
import { correct } from "./actions";
import { addACheck, endACheck, takeUsualChecks, tickCheck } from "./checks/actions";
import { runRecall, sayPhone } from "./recall/actions";

inADemoHouse();

const check = (name: string) => {
  const day = { day: "2026-05-12", fromMs: 0, toMs: 1, nowMin: 0 };
  return checksOf(db(), day).find((one) => one.name === name)?.id ?? "none";
};
const PACK = {
  ingredientId: "butter",
  massG: 1000,
  cents: 980,
  supplier: "Tangvik Dairy",
  supplierLot: "B-4490",
  days: 40,
};
const ROWS: Record<string, Row> = {
  packIn: {
    action: packIn,
    good: () => PACK,
    refused: [() => ({ ...PACK, ingredientId: "no-such-good" }), /not on the shelf/],
  },
  runRecall: {
    action: runRecall,
    good: () => ({ asked: "T-70", whole: false, real: false }),
    refused: [() => ({ asked: "T-7000", whole: false, real: true }), /called/],
  },
  sayPhone: {
    action: sayPhone,
    good: () => ({ name: "Gråskjær Landing", phone: "+00 555 01 99" }),
    refused: [() => ({ name: "Nobody", phone: "+00 555 01 98" }), /no supplier/],
  },
  takeUsualChecks: { action: takeUsualChecks, good: () => ({}), refused: [() => ({}), /looked at already/] },
  addACheck: {
    action: addACheck,
    good: () => ({ name: "Ice machine", list: "closing", byMin: 1380 }),
    refused: [() => ({ name: "ice machine", list: "opening", byMin: 600 }), /looked at already/],
  },
  tickCheck: {
    action: tickCheck,
    good: () => ({ id: check("Ice machine"), wrong: "slime on the flap, washed" }),
    refused: [() => ({ id: check("Fryer oil by its strip"), wrong: null }), /by the work itself/],
  },
  endACheck: {
    action: endACheck,
    good: () => ({ id: check("Floor, drains and bins") }),
    refused: [() => ({ id: "no-such-check" }), /not looked at any more/],
  },
  correct: {
    action: correct,
    good: () => ({ seq: 1, note: "it was another day" }),
    refused: [() => ({ seq: 9_999_999, note: "it was not" }), /no entry/],
  },
};

actionLaws(ROWS, request, ["takeUsualChecks", "addACheck"]);

test("a drill is kept with what was found and how long it took", () => {
  const last = lastEntry(db(), "recall-run")!;
  expect(last.payload).toMatchObject({ asked: "T-70", real: false, by: "supplier-lot", certain: 6, possible: 0 });
  expect(last.payload["tookMs"]).toBeLessThan(2000);
});
