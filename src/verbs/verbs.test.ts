import { execFileSync, spawnSync } from "node:child_process";
import { runVerb, runVerbOnText, VERB_NAMES } from ".";

const convection = { kind: "convection", h_w_m2k: 200, ambient_c: 60 };
const HEAT = {
  shape: { kind: "slab", thickness_mm: 30 },
  material: { conductivity_w_mk: 0.5, density_kg_m3: 1050, heat_capacity_j_kgk: 3600 },
  start_c: 5,
  stages: [{ seconds: 185, bottom: convection, top: convection }],
  sample_every_s: 10,
};
const FLESH = { water_pct: 76, protein_pct: 20, fat_pct: 2, carbohydrate_pct: 0, ash_pct: 2 };
const PORTION = {
  side: {
    length_mm: 520,
    weight_g: 1180,
    profile: [
      { at_mm: 0, thickness_mm: 8, width_mm: 60 },
      { at_mm: 300, thickness_mm: 30, width_mm: 100 },
    ],
  },
  want: { portion_g: 160, tolerance_g: 10 },
  min_piece_mm: 25,
};
const COOK = {
  species: "arctic-char",
  shape: { kind: "slab", thickness_mm: 26 },
  skin: true,
  start_c: 8,
  method: "skin-then-oven",
  target: { doneness: "mi-cuit" },
  pan_c: 200,
  oven_c: 180,
};
const answer = (verb: string, input: unknown): Record<string, unknown> => {
  const found = runVerb(verb, input);
  if (!found?.ok) throw new Error(JSON.stringify(found?.error));
  return found.value as Record<string, unknown>;
};
const problem = (verb: string, input: unknown) => {
  const found = runVerb(verb, input);
  return found?.ok === false ? found.error : null;
};

test("heat: samples every ten seconds and at the very end, surfaces as the shape has them", () => {
  const slab = answer("heat", HEAT) as unknown as {
    times_s: number[];
    centre_c: number[];
    surface_c: Record<string, number[]>;
  };
  expect(slab.times_s.slice(0, 2)).toEqual([0, 10]);
  expect(slab.times_s.at(-1)).toBe(185);
  expect(slab.centre_c).toHaveLength(slab.times_s.length);
  expect(Object.keys(slab.surface_c)).toEqual(["bottom", "top"]);
  const sphere = { ...HEAT, shape: { kind: "sphere", diameter_mm: 25 }, stages: [{ seconds: 60, side: convection }] };
  expect(Object.keys(answer("heat", sphere)["surface_c"]!)).toEqual(["side"]);
});

test("heat: the same flesh by composition and by its own properties heats alike", () => {
  const composed = answer("heat", { ...HEAT, material: { composition: FLESH, initial_freezing_c: -1.1 } });
  expect(
    Math.abs((composed["centre_c"] as number[]).at(-1)! - (answer("heat", HEAT)["centre_c"] as number[]).at(-1)!),
  ).toBeLessThan(4);
});

describe("problems name the place and the reason", () => {
  const stage = (part: object) => ({ ...HEAT, stages: [{ ...HEAT.stages[0], ...part }] });
  test.each([
    ["wrong type", "heat", stage({ bottom: { ...convection, h_w_m2k: "x" } }), "stages.0.bottom.h_w_m2k"],
    ["unknown key", "heat", { ...HEAT, lid: true }, "lid"],
    ["unknown key inside", "heat", stage({ top: { ...convection, lid: 1 } }), "stages.0.top.lid"],
    ["face the shape lacks", "heat", stage({ side: convection }), "stages.0.side"],
    ["face missing", "heat", { ...HEAT, stages: [{ seconds: 5, bottom: convection }] }, "stages.0.top"],
    ["unknown face", "heat", stage({ top: { kind: "magic" } }), "stages.0.top.kind"],
    ["no stages", "heat", { ...HEAT, stages: [] }, "stages"],
    [
      "composition that does not sum",
      "heat",
      { ...HEAT, material: { composition: { ...FLESH, water_pct: 20 } } },
      "material.composition",
    ],
    [
      "composition key",
      "heat",
      { ...HEAT, material: { composition: { ...FLESH, fibre_pct: 1 } } },
      "material.composition.fibre_pct",
    ],
    [
      "a puck without its side",
      "heat",
      { ...HEAT, shape: { kind: "puck", diameter_mm: 40, height_mm: 30 } },
      "stages.0.side",
    ],
    [
      "lethality without a z",
      "lethality",
      { trace: [[0, 63]], reference: { d_min: 0.3, t_ref_c: 70, z_c: 0 } },
      "reference.z_c",
    ],
    ["unknown model", "clock", { model: "polar", shelf_life_on_ice_days: 14, trace: [[0, 0]] }, "model"],
    [
      "out of order",
      "clock",
      {
        model: "tropical",
        shelf_life_on_ice_days: 14,
        trace: [
          [5, 0],
          [4, 0],
        ],
      },
      "trace.1.0",
    ],
    [
      "station off the side",
      "portion",
      { ...PORTION, side: { ...PORTION.side, length_mm: 200 } },
      "side.profile.1.at_mm",
    ],
    ["negative weight", "portion", { ...PORTION, side: { ...PORTION.side, weight_g: -1 } }, "side.weight_g"],
    ["unknown fish", "cook", { ...COOK, species: "kraken" }, "species"],
    ["target too low", "cook", { ...COOK, target: { centre_c: 5 } }, "target.centre_c"],
    ["unknown doneness", "cook", { ...COOK, target: { doneness: "burnt" } }, "target.doneness"],
  ])("%s", (_, verb, input, path) => {
    const found = problem(verb, input);
    expect(found?.path).toBe(path);
    expect(found?.message).not.toBe("");
  });
  test("a document that is no JSON, and numbers that are none", () => {
    expect(runVerbOnText("heat", "{,}")).toMatchObject({ ok: false, error: { path: "" } });
    expect(
      runVerbOnText("clock", '{"model":"temperate","shelf_life_on_ice_days":1e999,"trace":[[0,0]]}'),
    ).toMatchObject({
      ok: false,
      error: { path: "shelf_life_on_ice_days" },
    });
  });
});

test("clock: worked example of the temperate model, never negative", () => {
  const trace = [
    [0, 0],
    [48, 0],
    [48, 4],
    [72, 4],
    [72, 8],
    [84, 8],
  ];
  const found = answer("clock", { model: "temperate", shelf_life_on_ice_days: 14, trace });
  expect(found["ice_days_used"]).toBeCloseTo(5.58, 6);
  expect(found["days_left_at"]).toEqual({
    "0": expect.closeTo(8.42, 6),
    "2": expect.closeTo(5.847, 3),
    "5": expect.closeTo(3.742, 3),
  });
  const over = answer("clock", {
    model: "tropical",
    shelf_life_on_ice_days: 1,
    trace: [
      [0, 10],
      [100, 10],
    ],
  });
  expect(over["ice_days_left"]).toBe(0);
});

test("portion: the whole side is accounted for", () => {
  const found = answer("portion", PORTION) as unknown as {
    pieces: { weight_g: number }[];
    portions: number;
    trim_g: number;
  };
  expect(found.portions).toBe(7);
  expect(found.pieces.reduce((sum, piece) => sum + piece.weight_g, 0)).toBeCloseTo(1180, 6);
});

test("cook: stages with cue, probe and time, window, safety with its advice", () => {
  const found = answer("cook", COOK);
  expect(found["stages"]).toMatchObject([
    { name: "Skin down", face: "skin" },
    { name: "Turn and oven" },
    { name: "Rest" },
  ]);
  expect(found["peak_c"]).toBeCloseTo(42.5, 0);
  expect(found["safety"]).toMatchObject({ meets: false, advice: expect.stringContaining("advisory") });
  expect(found["window_s"]).toMatchObject({ early: expect.any(Number), late: expect.any(Number) });
});

test("freeze: a 25 mm slab in a blast of -35 °C, when its centre is there", () => {
  const air = { kind: "convection", h_w_m2k: 25, ambient_c: -35 };
  const input = {
    ...HEAT,
    shape: { kind: "slab", thickness_mm: 25 },
    material: { composition: FLESH, initial_freezing_c: -1.1 },
    stages: [{ seconds: 14_400, bottom: air, top: air }],
    sample_every_s: 600,
  };
  const found = answer("freeze", { ...input, reach_c: [-18, -20, -40] }) as unknown as {
    reach: { centre_c: number; seconds: number | null }[];
    centre_c: number[];
  };
  const [first, second, never] = found.reach;
  expect(first!.seconds! / 60).toBeGreaterThan(60);
  expect(second!.seconds!).toBeGreaterThan(first!.seconds!);
  expect(never!.seconds).toBeNull();
  expect(found.centre_c.at(-1)!).toBeLessThan(-30);
  expect(problem("freeze", { ...HEAT, reach_c: [-18] })?.path).toBe("material.initial_freezing_c");
  expect(problem("freeze", input)?.path).toBe("reach_c");
});

test("parasite and cooling: worked cases of the published rules, problems by their path", () => {
  // FDA Food Code 2022, 3-402.11(A)(1) and 3-501.14(A) (memory, high)
  expect(
    answer("parasite", {
      rule: "fda-2022",
      trace: [
        [0, -20],
        [168, -20],
      ],
    }),
  ).toMatchObject({ met: true, by: "-20 C for 168 h", hours_credited: 168, hours_missing: 0 });
  expect(
    answer("parasite", {
      rule: "fda-2022",
      trace: [
        [0, -20],
        [160, -20],
      ],
    }),
  ).toMatchObject({ met: false, by: null, nearest: "-20 C for 168 h", hours_missing: 8 });
  const cooled = answer("cooling", {
    rule: "fda-2022",
    trace: [
      [0, 57],
      [95, 21],
      [300, 5],
    ],
  });
  expect(cooled["verdict"]).toBe("pass");
  expect(cooled["stages"]).toMatchObject([{ from_c: 57, to_c: 21, limit_min: 120, ok: true }, { limit_min: 360 }]);
  expect(problem("cooling", { rule: "moon", trace: [[0, 5]] })?.path).toBe("rule");
  expect(problem("parasite", { rule: "eu-853", trace: [[0, "cold"]] })?.path).toBe("trace.0.1");
  expect(problem("parasite", { rule: "eu-853", trace: [] })?.path).toBe("trace");
});

describe("command line", () => {
  const command = ["--import", "tsx", "src/cli/gaffel.ts"];
  test("prints one document and nothing else", () => {
    const input = JSON.stringify({
      model: "temperate",
      shelf_life_on_ice_days: 14,
      trace: [
        [0, 0],
        [24, 0],
      ],
    });
    const printed = execFileSync(process.execPath, [...command, "clock"], { input, encoding: "utf8" });
    expect(JSON.parse(printed)).toMatchObject({ ice_days_used: 1, ice_days_left: 13 });
  });
  test.each([
    { name: "bad input", args: ["clock"], input: "{}", path: "model" },
    { name: "no such verb", args: ["dance"], input: "{}", path: "verb" },
  ])("$name: exit 2 and one JSON line on stderr", ({ args, input, path }) => {
    const done = spawnSync(process.execPath, [...command, ...args], { input, encoding: "utf8" });
    expect(done.status).toBe(2);
    expect(done.stdout).toBe("");
    expect(JSON.parse(done.stderr)).toMatchObject({ error: { path, message: expect.any(String) } });
  });
});

test("lethality: 63 °C for 17 min is 1.98 min at 70 °C (computed)", () => {
  const answer = runVerb("lethality", {
    trace: [
      [0, 63],
      [1020, 63],
    ],
    reference: { d_min: 0.3, t_ref_c: 70, z_c: 7.5 },
  });
  expect(answer).toMatchObject({
    ok: true,
    value: { equivalent_min: expect.closeTo(1.978, 2), log_reduction: expect.closeTo(6.59, 1) },
  });
});

test("heat of a puck answers with its three surfaces, and freezes through", () => {
  const air = { kind: "convection", h_w_m2k: 30, ambient_c: -36 };
  const document = {
    shape: { kind: "puck", diameter_mm: 40, height_mm: 28 },
    material: {
      composition: { water_pct: 77, protein_pct: 17, fat_pct: 1, carbohydrate_pct: 3, ash_pct: 2 },
      initial_freezing_c: -1.2,
    },
    start_c: 4,
    stages: [{ seconds: 5400, bottom: air, top: air, side: air }],
    sample_every_s: 900,
    reach_c: [-20],
  };
  const answer = runVerb("freeze", document);
  if (!answer?.ok) throw new Error("refused");
  const { reach, surface_c, centre_c, times_s } = answer.value as {
    reach: { seconds: number }[];
    surface_c: Record<string, number[]>;
    centre_c: number[];
    times_s: number[];
  };
  expect(Object.keys(surface_c)).toEqual(["bottom", "top", "side"]);
  expect(surface_c["side"]).toHaveLength(times_s.length);
  expect(centre_c.at(-1)).toBeLessThan(-20);
  expect(reach[0]!.seconds).toBeGreaterThan(1200);
  expect(reach[0]!.seconds).toBeLessThan(5400);
});

test("every verb answers, an unknown one is null", () => {
  expect(VERB_NAMES).toEqual([
    "heat",
    "freeze",
    "clock",
    "portion",
    "parasite",
    "cooling",
    "lethality",
    "cook",
    "door",
    "clear",
    "reduce",
    "sauce",
    "salt",
    "scale",
    "schedule",
  ]);
  expect(runVerb("dance", {})).toBeNull();
});

const POURED = { parts: [{ kind: "wine", volume_ml: 150 }], pan: { diameter_mm: 200 }, net_power_w: 900, start_c: 20 };
const BUTTERED = {
  base: { mass_g: 50, water_pct: 90, acid_pct: 3 },
  add: [{ kind: "butter", mass_g: 150 }],
  covers: 4,
};
const SCALED = { from_covers: 4, to_covers: 20, lines: [{ name: "butter", mass_g: 150, rule: "straight" }] };

test("reduce: what was not there is null, half by fraction is half by volume", () => {
  const stock = answer("reduce", { ...POURED, parts: [{ kind: "stock", volume_ml: 400 }], to_fraction: 0.5 });
  expect(stock).toMatchObject({ alcohol_left_pct: null, acid_left_pct: null, limited_by: "power" });
  expect((stock["final"] as { volume_ml: number }).volume_ml).toBeCloseTo(200, 3);
  expect(answer("reduce", { ...POURED, to_ml: 50 })).toMatchObject({ acid_left_pct: 100 });
});

test("sauce, salt, scale answer in the keys of the contract", () => {
  expect(answer("sauce", { ...BUTTERED, served_c: 52 })).toMatchObject({
    holds: true,
    state: "holds",
    mass_g: 200,
    g_per_cover: 50,
  });
  expect(answer("sauce", { ...BUTTERED, served_c: 57 })).toMatchObject({
    holds: false,
    state: "too-hot",
    hold_c: { from: 30, to: 55 },
    rescue: [{ bring_to_c: 52 }, { add: "cream", mass_g: 15 }],
  });
  expect(
    answer("salt", { components: [{ name: "fish", mass_g: 160, salt_pct: 0 }], target_pct: 1 })["add_g"],
  ).toBeCloseTo(1.616, 3);
  expect(answer("scale", { ...SCALED, batch_most_covers: 12 })).toMatchObject({
    lines: [{ name: "butter", mass_g: 750, note: null }],
    batches: 2,
    per_batch_covers: [10, 10],
  });
});

test.each([
  ["reduce", { ...POURED, to_ml: 50, to_fraction: 0.5 }, ""],
  ["reduce", POURED, ""],
  ["reduce", { ...POURED, to_ml: 151 }, "to_ml"],
  ["reduce", { ...POURED, to_fraction: 0.01 }, "to_fraction"],
  [
    "reduce",
    { ...POURED, to_ml: 50, parts: [{ kind: "wine", volume_ml: 150, abv_pct: 60, solids_pct: 60 }] },
    "parts.0",
  ],
  ["sauce", { ...BUTTERED, served_c: 50, base: { mass_g: 50, water_pct: 90, acid_pct: 30 } }, "base"],
  ["sauce", { ...BUTTERED, served_c: 50, add: [{ kind: "butter", mass_g: 9, fat_pct: 82, water_pct: 30 }] }, "add.0"],
  ["sauce", { ...BUTTERED, served_c: 50, add: [{ kind: "lard", mass_g: 9 }] }, "add.0.kind"],
  ["salt", { components: [{ name: "fish", mass_g: 160, salt_pct: 0 }], target_pct: 0 }, "target_pct"],
  ["scale", { ...SCALED, lines: [{ name: "egg", mass_g: 60, rule: "piece" }] }, "lines.0.pieces"],
  ["scale", { ...SCALED, lines: [{ name: "egg", mass_g: 60, rule: "salt", pieces: 2 }] }, "lines.0.pieces"],
])("%s names what is wrong: %#", (verb, input, path) => {
  expect(problem(verb, input)).toMatchObject({ path, message: expect.stringMatching(/\w/) as string });
});
