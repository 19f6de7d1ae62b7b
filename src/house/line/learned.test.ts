import type { CookEvent } from "@/core/cooking";
import { LEARNS_FROM_SERVICES, learnedOf, stagesTook } from "./learned";
import type { PanStage } from "../stored/panStage";

const stage = (id: string, medianS: number): PanStage => ({
  id,
  name: id,
  medianS,
  keptS: medianS,
  spot: "burner",
  ovenC: null,
});
const STAGES = [stage("skin", 300), stage("baste", 100)];
const at = (seconds: number) => seconds * 1000;
const pan = (events: readonly CookEvent[], day = "2026-05-01") => ({
  id: day,
  day,
  cardId: "char",
  parts: [],
  stages: STAGES,
  events,
});
/** Skin and baste took so long; what was paused does not count. */
const done = (skinS: number, basteS: number): readonly CookEvent[] => [
  { kind: "started", atMs: 0 },
  { kind: "paused", atMs: at(60) },
  { kind: "resumed", atMs: at(90) },
  { kind: "advanced", atMs: at(skinS + 30) },
  { kind: "probed", atMs: at(skinS + 40), centreC: 40 },
  { kind: "advanced", atMs: at(skinS + basteS + 30) },
];

test("what each stage took is from tap to tap, without the pause; a pan that was given up teaches nothing", () => {
  expect(stagesTook(pan(done(330, 90))).map(({ tookS }) => tookS)).toEqual([330, 90]);
  expect(
    stagesTook(
      pan([
        { kind: "started", atMs: 0 },
        { kind: "abandoned", atMs: 5 },
      ]),
    ),
  ).toEqual([]);
  expect(stagesTook(pan([{ kind: "started", atMs: 0 }]))).toEqual([]);
});

test("minutes are learned from ten services, by their middle, and a forgotten tap is not a way of cooking", () => {
  const services = (count: number) =>
    Array.from({ length: count }, (_, index) => pan(done(330, 110), `2026-05-${String(index + 1).padStart(2, "0")}`));
  expect(learnedOf(services(LEARNS_FROM_SERVICES - 1))).toMatchObject([{ services: 9, ratio: null }]);
  const [ten] = learnedOf([...services(LEARNS_FROM_SERVICES), pan(done(3000, 100))]);
  expect(ten!.ratio).toBeCloseTo(1.1, 9);
  expect(ten!.stages[0]).toMatchObject({ plannedS: 300, tookS: 330, count: 11 });
  // ten pans of one evening are one service
  expect(learnedOf(Array.from({ length: 10 }, () => pan(done(330, 110))))[0]!.ratio).toBeNull();
});
