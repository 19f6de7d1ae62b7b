/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { planSheet } from "@/core/cooking";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { speciesOf } from "@/db/house/species";
import { findCook, openCooks } from "@/db/stove/cooks";
import { openHotHolds } from "@/db/stove/hotHolds";
import { firstAsk } from "@/house/stove/firstAsk";
import { loadOfBatch } from "@/house/stove/question";
import { t as stove } from "@/words/stove";
import { t } from "@/words/stove-plan";
import { clear, draw, press, said, type, went } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { PlanBench } from "./bench/PlanBench";
import { HoldBench } from "./hold/HoldBench";
import { HotHolds } from "./hold/HotHolds";

jest.mock("@/server/pool", () => jest.requireActual("../testkit/inTheHouse.testkit").pool);
jest.mock("next/dynamic", () => ({ __esModule: true, default: () => () => null }));
jest.mock("@/workers/client/useSheet", () => jest.requireActual("../testkit/inThread.testkit").planWorker);

inADemoHouse();
afterEach(clear);

const batch = () => batchesToCook(db(), 0).find(({ portions }) => portions.some(({ cookId }) => cookId === null))!;

function bench() {
  const { id, code, speciesId, portions } = batch();
  const species = speciesOf(db(), speciesId)!;
  const pieces = portions
    .filter(({ cookId }) => cookId === null)
    .map(({ massG, maxThicknessMm, cookThicknessMm }) => ({ massG, maxThicknessMm, cookThicknessMm }));
  const { pieceG, thicknessMm: sizeMm } = loadOfBatch(pieces, 1, null)!;
  const first = firstAsk(species, { form: "piece", shape: "slab", sizeMm, massG: pieceG }, 1);
  return (
    <PlanBench
      source={{ kind: "batch", batchId: id, code, pieces, prepared: null }}
      species={species}
      first={first}
      pieceG={pieceG}
      filmsByPan={{}}
    />
  );
}

describe.each(["metric", "imperial"] as const)("a cook is begun in a house that is %s", (units) => {
  test("with the plan that was shown: its stages, its seconds, its pieces", async () => {
    await draw(units, bench());
    const shown = said();
    expect(shown).toMatch(units === "metric" ? /\d °C/ : /\d °F/);
    const before = openCooks(db()).length;
    await press(t("startTheCook"));
    expect(openCooks(db())).toHaveLength(before + 1);
    const id = went.at(-1)!.replace("/stove/cook/", "");
    const { plan } = findCook(db(), id)!;
    for (const { name } of plan.answer.stages) expect(shown).toContain(name);
    // what was kept is what the core plans for the question that was kept
    const again = planSheet({ ...plan, own: [] });
    if (!again.ok) throw new Error(again.error.code);
    expect(plan.answer.stageSeconds).toEqual(again.value.stageSeconds);
    expect(plan.ruleSetId).toBe(findHouse(db())!.ruleSetId);
  });
});

describe.each([
  ["metric", "62", "30"],
  ["imperial", "143.6", "1.1811"],
] as const)("a dish waits hot in a house that is %s", (units, warm, thick) => {
  test("from the centre that was typed, by the rule of the house", async () => {
    const before = openHotHolds(db()).length;
    await draw(units, <HoldBench from={null} ruleSetId="eu-853" nav={null} held={null} />);
    await type(stove("thickness"), thick);
    await type(stove("centreNow"), warm);
    await press(stove("start"));
    const holds = openHotHolds(db());
    expect(holds).toHaveLength(before + 1);
    expect(holds.at(-1)!.fromC).toBeCloseTo(62, 0);
  });

  test("a probe in it, and the end it came to", async () => {
    // the one that was begun just now; the house has a sauce in the bain
    const hold = openHotHolds(db()).at(-1);
    const held = { ...hold!, title: hold!.title, status: { state: "holds", untilMs: houseNowMs() + 60_000, text: "" } };
    await draw(units, <HotHolds holds={[held as never]} serverNowMs={houseNowMs()} />);
    await press(stove("served2"));
    expect(openHotHolds(db()).some(({ id }) => id === hold!.id)).toBe(false);
  });
});

test("under the rule's heat it is not to wait: the page says so and starts no clock by itself", async () => {
  const before = openHotHolds(db());
  await draw("metric", <HoldBench from={null} ruleSetId="eu-853" nav={null} held={null} />);
  await type(stove("centreNow"), "45");
  expect(said()).toMatch(new RegExp(stove("serveItNowItIsUnder").slice(0, 20)));
  expect(openHotHolds(db())).toEqual(before);
});
