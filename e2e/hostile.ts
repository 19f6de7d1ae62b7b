import fc from "fast-check";

const PROFILE = [0, 200, 400, 520].map((at_mm, index) => ({
  at_mm,
  thickness_mm: 8 + index * 6,
  width_mm: 60 + index * 20,
}));
const TRACE = [
  [0, 60],
  [60, 40],
  [120, 20],
  [300, 6],
];

/** A good document for every verb: what is sent is one of these with something wrong in it. */
export const GOOD: Readonly<Record<string, unknown>> = {
  heat: {
    shape: { kind: "slab", thickness_mm: 20 },
    species: "cod",
    start_c: 5,
    stages: [{ seconds: 60, medium_c: 80 }],
  },
  freeze: {
    shape: { kind: "slab", thickness_mm: 20 },
    species: "cod",
    start_c: 5,
    stages: [{ seconds: 600, medium_c: -30 }],
    reach_c: [-18],
  },
  lethality: { trace: TRACE, reference: { d_min: 0.3, t_ref_c: 70, z_c: 7.5 } },
  clock: {
    model: "temperate",
    shelf_life_on_ice_days: 14,
    trace: [
      [0, 0],
      [48, 2],
    ],
  },
  cooling: { rule: "fda-2022", trace: TRACE },
  parasite: {
    rule: "eu-853",
    trace: [
      [0, -20],
      [30, -21],
    ],
  },
  portion: {
    side: { length_mm: 520, weight_g: 1180, profile: PROFILE },
    want: { portion_g: 160, tolerance_g: 10 },
    min_piece_mm: 25,
  },
  reduce: {
    parts: [{ kind: "wine", volume_ml: 150 }],
    to_ml: 60,
    pan: { diameter_mm: 200 },
    net_power_w: 900,
    start_c: 20,
  },
  sauce: {
    base: { mass_g: 50, water_pct: 90, acid_pct: 3, alcohol_pct: 0, salt_pct: 0 },
    add: [{ kind: "butter", mass_g: 120 }],
    served_c: 52,
    covers: 4,
  },
  salt: { components: [{ name: "cod", mass_g: 160, salt_pct: 0.3 }], target_pct: 1 },
  scale: { from_covers: 4, to_covers: 20, lines: [{ name: "butter", mass_g: 150, rule: "straight" }] },
  schedule: {
    serves: [{ id: "t4", at_min: 0 }],
    allow_late: false,
    resources: [{ id: "hands", capacity: 1 }],
    tasks: [],
  },
  cook: { species: "arctic-char" },
  door: { species: "cod" },
  clear: { species: "mackerel" },
};

const NASTY: readonly unknown[] = [
  null,
  "",
  "NaN",
  -1,
  0,
  1e-300,
  1e308,
  -1e308,
  2 ** 53,
  true,
  [],
  {},
  [[]],
  "x".repeat(5000),
  "\u0000",
  "\ud800",
  "__proto__",
  "'; drop table lots; --",
  "=1+1",
  { $gt: 0 },
  Array.from({ length: 2000 }, () => 0),
  Array.from({ length: 300 }, () => [0, 0]),
];

type Path = readonly (string | number)[];

function pathsOf(value: unknown, path: Path = []): readonly Path[] {
  if (value === null || typeof value !== "object") return [path];
  return [
    path,
    ...Object.entries(value).flatMap(([key, inner]) =>
      pathsOf(inner, [...path, Array.isArray(value) ? Number(key) : key]),
    ),
  ];
}

function put(value: unknown, path: Path, what: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return what;
  if (Array.isArray(value)) return value.map((one, index) => (index === key ? put(one, rest, what) : one));
  const object = value as Readonly<Record<string, unknown>>;
  return { ...object, [key]: put(object[key], rest, what) };
}

/** A good document with one or two places made nasty, something added, or cut off in the middle; now and then no JSON at all. */
export const wrongOf = (good: unknown): fc.Arbitrary<string> => {
  const paths = pathsOf(good);
  const spoiled = fc
    .array(fc.tuple(fc.nat(paths.length - 1), fc.nat(NASTY.length - 1)), { minLength: 1, maxLength: 2 })
    .map((places) => places.reduce<unknown>((value, [at, what]) => tryPut(value, paths[at]!, NASTY[what]), good));
  const text = spoiled.map((value) => JSON.stringify(value));
  return fc.oneof(
    { weight: 8, arbitrary: text },
    {
      weight: 1,
      arbitrary: fc
        .tuple(text, fc.double({ min: 0, max: 1, noNaN: true }))
        .map(([whole, share]) => whole.slice(0, Math.floor(whole.length * share))),
    },
    { weight: 1, arbitrary: fc.json({ maxDepth: 4 }) },
    { weight: 1, arbitrary: fc.string({ maxLength: 200, unit: "binary" }) },
  );
};

/** The second place may be gone with the first. */
function tryPut(value: unknown, path: Path, what: unknown): unknown {
  try {
    return put(value, path, what);
  } catch {
    return value;
  }
}

export const bodies = (good: unknown, count: number, seed: number): readonly string[] =>
  fc.sample(wrongOf(good), { numRuns: count, seed });

const NASTY_TEXT = [
  "\u0000",
  "\ud800",
  '"',
  '""',
  ";",
  ",",
  "\t",
  "\r",
  "\n\n",
  "=1+1",
  "1e999",
  "-",
  "99999999999999999999",
];
/** Where in a text, as a share of it. */
const place = fc.double({ min: 0, max: 1, noNaN: true });

/** A good text with up to three places cut out, doubled or made nasty. */
export const spoiledText = (good: string, count: number, seed: number): readonly string[] =>
  fc.sample(
    fc
      .array(
        fc.record({ from: place, chars: fc.nat(40), what: fc.constantFrom("cut", "double", "end", ...NASTY_TEXT) }),
        { minLength: 1, maxLength: 3 },
      )
      .map((edits) =>
        edits.reduce((text, { from, chars, what }) => {
          const at = Math.floor(from * text.length);
          const rest = text.slice(at + chars);
          if (what === "end") return text.slice(0, at);
          if (what === "cut") return text.slice(0, at) + rest;
          if (what === "double") return text.slice(0, at + chars) + text.slice(at);
          return text.slice(0, at) + what + rest;
        }, good),
      ),
    { numRuns: count, seed },
  );
