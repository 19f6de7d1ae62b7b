/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import { liveCook, methodOf, planSheet, probeChoicesC } from "@/core/cooking";
import { valueOf } from "@/core/shared";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { entriesBetween } from "@/db/ledger";
import { speciesOf } from "@/db/house/species";
import { findCook, startCook } from "@/db/stove/cooks";
import { noteProbe, placeProbe, setProbe } from "@/db/stove/probes";
import { firstAsk } from "@/house/stove/firstAsk";
import { PIECES_BECAME } from "@/house/lots/piecesBecame";
import { loadOfBatch, questionOf } from "@/house/stove/question";
import { planToKeep } from "@/house/stove/storedPlan";
import { formatFor } from "@/words/format/format";
import { inMetric } from "@/words/say";
import { t as shell } from "@/words/shell";
import { t } from "@/words/stove";
import { POST } from "../api/cooks/[cookId]/taps/route";
import { untilAnswered, button, clear, draw, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse, request } from "../testkit/inTheHouse.testkit";
import CookPage from "./cook/[cookId]/page";
import { OutboxAlert } from "./OutboxAlert";
import { resendTaps } from "./tapOutbox";

jest.mock("@/server/pool", () => jest.requireActual("../testkit/inTheHouse.testkit").pool);
jest.mock("next/dynamic", () => ({ __esModule: true, default: () => () => null }));
jest.mock("@/workers/client/useSheet", () => jest.requireActual("../testkit/inThread.testkit").planWorker);

inADemoHouse();
afterEach(clear);

/** The house at the other end of the line: its real answer to a tap; silent while the network is down. */
const network = { isDown: false };
const answered = (body: unknown, init?: { readonly status?: number }) => {
  const status = init?.status ?? 200;
  return { ok: status < 400, status, json: async () => body };
};
beforeAll(() => {
  Object.assign(globalThis, {
    Response: { json: answered },
    fetch: async (path: string, init?: { readonly body?: string }) => {
      if (network.isDown) throw new Error("no network");
      const of = /^\/api\/cooks\/([^/]+)\/taps$/.exec(path)?.[1];
      if (of === undefined) return answered([]);
      const asked = { headers: new Headers(request), json: async () => JSON.parse(init!.body!) as unknown };
      return POST(asked as Request, { params: Promise.resolve({ cookId: of }) });
    },
  });
});

/** A cook of the first batch that has portions left, begun so long ago. */
function begin(agoMs: number, pieces = 1): string {
  const batch = batchesToCook(db(), 0).find(
    ({ portions }) => portions.filter(({ cookId }) => cookId === null).length >= pieces,
  )!;
  const species = speciesOf(db(), batch.speciesId)!;
  const free = batch.portions.filter(({ cookId }) => cookId === null);
  const load = loadOfBatch(free, pieces, null)!;
  const first = firstAsk(
    species,
    { form: "piece", shape: "slab", sizeMm: load.thicknessMm, massG: load.pieceG },
    pieces,
  );
  const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
  const question = questionOf(piece, { ...first, pieces }, { ruleSetId: "eu-853" });
  const plan = planToKeep(question, valueOf(planSheet(question)));
  const stamp = { who: "Ylva", atMs: houseNowMs() - agoMs, requestId: `begun-${agoMs}-${Math.random()}` };
  return valueOf(startCook(db(), batch.id, plan, stamp));
}

const cook = (id: string) => findCook(db(), id)!;
const live = (id: string) =>
  liveCook(
    cook(id).plan.answer.stages.map(({ seconds }) => seconds),
    cook(id).events,
    houseNowMs(),
  );
const look = async (id: string, units: "metric" | "imperial" = "metric") =>
  draw(
    units,
    <>
      {await CookPage({ params: Promise.resolve({ cookId: id }) })}
      <OutboxAlert />
    </>,
  );
const clock = () => document.querySelector('[data-testid="clock"]')!.textContent;
const wait = (ms: number) => act(() => new Promise((resolve) => setTimeout(resolve, ms)));
const kinds = (id: string) => cook(id).events.map(({ kind }) => kind);

describe.each(["metric", "imperial"] as const)("a cook that runs, in a house that is %s", (units) => {
  test("shows its stage, what to look for, what to do, and the clock of the plan", async () => {
    const id = begin(20_000);
    await look(id, units);
    const { stages } = cook(id).plan.answer;
    expect(said()).toContain(stages[0]!.name);
    expect(said()).toContain(methodOf(cook(id).plan.methodId).label.toLowerCase());
    const left = stages[0]!.seconds - 20;
    const [minutes, seconds] = clock().split(":").map(Number);
    expect(Math.abs(minutes! * 60 + seconds! - left)).toBeLessThanOrEqual(2);
    expect(said()).toMatch(units === "metric" ? /\d °C/ : /\d °F/);
    for (const { name } of stages) expect(said()).toContain(name);
  });

  test("the numbers to tap lie round what is expected; a tap on one is a reading in the book", async () => {
    const id = begin(30_000);
    await look(id, units);
    const format = formatFor(units, null, "point");
    const expected = cook(id).plan.answer.stages[0]!.probeC;
    const choices = probeChoicesC(expected);
    const [low, high] = [Math.min(...choices), Math.max(...choices)];
    expect([low <= expected, high >= expected]).toEqual([true, true]);
    await press(format.temperature(choices[1]!));
    expect(said()).toContain(t("notedCentreInTheBook", { centre: format.temperature(choices[1]!) }));
    expect(live(id).probes.map(({ centreC }) => centreC)).toEqual([choices[1]]);
    const entries = entriesBetween(db(), 0, houseNowMs() + 1000).filter(({ cookId }) => cookId === id);
    expect(entries.map(({ kind }) => kind)).toContain("probe-noted");
  });

  test("another reading is typed; one that nobody can mean is asked back", async () => {
    const id = begin(30_000);
    await look(id, units);
    const format = formatFor(units, null, "point");
    const label = t("anotherReadingDegree", { degree: format.degree });
    await type(label, String(Math.round(format.toTemperature(300))));
    expect(button(t("note")).disabled).toBe(true);
    await type(label, format.toTemperature(31.5).toFixed(1));
    await press(t("note"));
    expect(live(id).probes[0]!.centreC).toBeCloseTo(31.5, 0);
  });
});

describe("what a hand does to a clock", () => {
  test("pause stands still, going on goes on, ten seconds more are ten seconds more", async () => {
    const id = begin(15_000);
    await look(id);
    await press(t("pause"));
    expect([live(id).status, said().includes(t("goOn"))]).toEqual(["paused", true]);
    const stood = clock();
    await wait(1300);
    expect(clock()).toBe(stood);
    await press(t("goOn"));
    expect(live(id).status).toBe("running");
    const before = live(id).plannedS;
    await press("+10 s");
    expect(live(id).plannedS).toBeCloseTo(before + 10, 6);
    expect(kinds(id)).toEqual(["started", "paused", "resumed", "extended"]);
  });

  test("the next stage, and back again while the tap is fresh: the clock runs as if nobody had tapped", async () => {
    const id = begin(25_000);
    await look(id);
    const [first, second] = cook(id).plan.answer.stages;
    await press(t("nextName", { name: second!.name.toLowerCase() }));
    expect(live(id).stageIndex).toBe(1);
    expect(document.querySelector("[aria-current=step]")!.textContent).toContain(second!.name);
    await press(t("undoTap", { what: "advanced" }));
    expect(live(id).stageIndex).toBe(0);
    expect(document.querySelector("[aria-current=step]")!.textContent).toContain(first!.name);
    expect(Math.abs(live(id).elapsedS - 25)).toBeLessThan(6);
  });

  test("a wet hand that touches twice has tapped once", async () => {
    const id = begin(25_000);
    await look(id);
    const next = button(t("nextName", { name: cook(id).plan.answer.stages[1]!.name.toLowerCase() }));
    await act(async () => {
      next.click();
      next.click();
      await untilAnswered(500);
    });
    expect(kinds(id).filter((kind) => kind === "advanced")).toHaveLength(1);
  });

  test("stage after stage to the plate: then it is a record, with what was planned, read and made of it", async () => {
    const id = begin(600_000);
    await look(id);
    const { stages, peakC } = cook(id).plan.answer;
    for (const [index] of stages.entries()) {
      const next = stages[index + 1];
      await press(next ? t("nextName", { name: next.name.toLowerCase() }) : t("served2"));
      await wait(320);
    }
    expect(live(id).status).toBe("done");
    await look(id);
    expect(said()).toContain(t("cookEnded", { status: "done" }));
    expect(said()).toContain(formatFor("metric", null, "point").temperature(peakC, 1));
    expect(said()).toContain(t("notProbed"));
    expect(document.querySelector('a[href^="/stove/hold?cook="]')).not.toBeNull();
    expect(document.querySelector(`a[href="/book/lot/${cook(id).lotId}"]`)).not.toBeNull();
  });

  test("a clock that is over says what to do, and rings by name for who cannot see it", async () => {
    const id = begin(3_600_000);
    await look(id);
    const [first, second] = cook(id).plan.answer.stages;
    expect(clock().startsWith("+")).toBe(true);
    expect(document.querySelector("[role=status]")!.textContent).toBe(
      t("nameIsDueDo", { name: first!.name, do: inMetric(second!.do) }),
    );
  });

  test("it is cancelled by saying what became of its pieces, which the book then has; cooking on is one of the answers", async () => {
    const id = begin(5000);
    await look(id);
    await press(t("cancelCook"));
    expect(said()).toContain(t("whatBecameOfThem", { pieces: 1 }));
    for (const became of PIECES_BECAME) expect(said()).toContain(t("piecesBecame", { became }));
    await press(t("cookOn"));
    expect(live(id).status).toBe("running");
    await press(t("cancelCook"));
    await press(t("piecesBecame", { became: "staff" }));
    expect(live(id).status).toBe("abandoned");
    await look(id);
    expect(said()).toContain(t("cookEnded", { status: "abandoned" }));
    const written = entriesBetween(db(), 0, houseNowMs() + 1000).filter(({ cookId }) => cookId === id);
    expect(JSON.stringify(written.map(({ payload }) => payload))).toContain("staff");
  });
});

describe("a house that does not answer", () => {
  test("keeps every tap on the tablet, says so, and takes them in their order when it is there again", async () => {
    const id = begin(40_000);
    await look(id);
    network.isDown = true;
    await press(t("pause"));
    expect(kinds(id)).toEqual(["started"]);
    expect(said()).toContain(shell("theHouseDidNotAnswerValue", { value: shell("thisTapIs") }));
    await wait(400);
    await press("+10 s");
    expect(said()).toContain(shell("theHouseDidNotAnswerValue", { value: shell("unsentTapsAre", { unsent: 2 }) }));
    network.isDown = false;
    await act(async () => {
      resendTaps();
      await untilAnswered(500);
    });
    expect(kinds(id)).toEqual(["started", "paused", "extended"]);
    expect(document.querySelector("[role=alert]")).toBeNull();
    // it counts from when the hand tapped, not from when the network was there again
    const { atMs } = cook(id).events.find(({ kind }) => kind === "paused")!;
    expect(houseNowMs() - atMs).toBeGreaterThan(700);
  });
});

test("a probe that is in the cook speaks for it: what it reads, and when to pull by that", async () => {
  const id = begin(50_000);
  const stamp = { who: "Ylva", atMs: houseNowMs() };
  const probe = setProbe(db(), "Thin one", stamp);
  expect(placeProbe(db(), probe.id, id).ok).toBe(true);
  expect(noteProbe(db(), probe.id, 24.5, houseNowMs())).toEqual({ ok: true, value: { cookId: id } });
  await look(id);
  expect(document.querySelector('[data-testid="by-the-probe"]')!.textContent).toContain("24.5 °C");
  expect(document.querySelector('[data-testid="pull-in"]')!.textContent).toMatch(/^\+?\d+:\d\d$/);
});
