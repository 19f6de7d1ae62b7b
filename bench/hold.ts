import path from "node:path";
import { nanoid } from "nanoid";
import { planSheet } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import { batchesToCook } from "@/db/block/batches";
import { openDatabase } from "@/db/connection";
import { listPlaces, setSensor } from "@/db/house/places";
import { startCook } from "@/db/stove/cooks";
import { makeDemoHouse } from "@/demo/house";
import { firstAsk } from "@/house/stove/firstAsk";
import { loadOfBatch, questionOf } from "@/house/stove/question";
import { planToKeep } from "@/house/stove/storedPlan";
import { add } from "./measure";
import { served } from "./pages";

const flesh = {
  composition: { water_pct: 80, protein_pct: 18, fat_pct: 1, carbohydrate_pct: 0, ash_pct: 1 },
  initial_freezing_c: -1.1,
};
const cold = { kind: "convection", h_w_m2k: 25, ambient_c: -30 };

/** The dearest documents the open core takes: frozen short pieces planned over all ways, and runs just under the bound. */
const WORST = [
  ["cook", { species: "cod", start_c: -18, shape: { kind: "puck", diameter_mm: 60, height_mm: 30 } }],
  [
    "freeze",
    {
      shape: { kind: "slab", thickness_mm: 10 },
      material: flesh,
      start_c: 5,
      stages: [{ seconds: 400_000, bottom: cold, top: cold }],
      reach_c: [-20],
      sample_every_s: 1000,
    },
  ],
] as const;

function houseWithACook(folder: string) {
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, Date.now());
  const batch = batchesToCook(db, 0)[0]!;
  const species = findSpecies(batch.speciesId)!;
  const ask = firstAsk(species, {}, 1);
  const load = loadOfBatch(batch.portions, ask.pieces, null)!;
  const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
  const question = questionOf(piece, ask, { ruleSetId: "eu-853" });
  const planned = planSheet(question);
  if (!planned.ok) throw new Error(planned.error.code);
  const stamp = { who: "Ylva", atMs: Date.now(), requestId: nanoid() };
  const cook = startCook(db, batch.id, planToKeep(question, planned.value), stamp);
  if (!cook.ok) throw new Error(cook.error.kind);
  const placeId = listPlaces(db)[0]!.id;
  return { cookId: cook.value, placeId, key: setSensor(db, placeId, { who: "Maike", atMs: Date.now() })! };
}

/** While ten of the dearest requests run: how long a tap and a sensor's reading wait, against the same with nothing running. */
export async function hold(folder: string): Promise<void> {
  const { cookId, placeId, key } = houseWithACook(folder);
  await served(folder, async (base) => {
    const json = { "content-type": "application/json" };
    const tap = () =>
      fetch(`${base}/api/cooks/${cookId}/taps`, {
        method: "POST",
        headers: { ...json, origin: base },
        body: JSON.stringify({ kind: "probed", id: nanoid(), stage: null, ageMs: 0, centreC: 40 }),
      });
    const reading = () =>
      fetch(`${base}/api/places/${placeId}/readings`, {
        method: "POST",
        headers: { ...json, authorization: `Bearer ${key}` },
        body: JSON.stringify({ readings: [{ at: new Date().toISOString(), celsius: 1.2 }] }),
      });
    const p95 = async () => {
      const taken: number[] = [];
      for (let round = 0; round < 40; round++)
        for (const send of [tap, reading]) {
          const startMs = performance.now();
          const answer = await send();
          if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
          taken.push(performance.now() - startMs);
          await new Promise((resume) => setTimeout(resume, 60));
        }
      return taken.sort((a, b) => a - b)[Math.floor(0.95 * taken.length)]!;
    };
    await p95();
    const quiet = await p95();
    const leave = new AbortController();
    const asked = Array.from({ length: 10 }, (_, index) => {
      const [verb, document] = WORST[index % WORST.length]!;
      return fetch(`${base}/api/core/${verb}`, {
        method: "POST",
        headers: json,
        body: JSON.stringify(document),
        signal: leave.signal,
      }).catch(() => null);
    });
    await new Promise((resume) => setTimeout(resume, 500));
    const busy = await p95();
    leave.abort();
    await Promise.all(asked);
    add(
      "a tap or a reading, 95 of 100, while ten of the dearest requests run",
      busy,
      "the same with nothing running",
      quiet,
    );
    add("the same", busy, "100 ms", 100);
  });
}
