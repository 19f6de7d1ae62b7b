import { createHash } from "node:crypto";
import type Database from "better-sqlite3";
import { GENESIS_HASH, sealedText, type LedgerBody } from "@/core/trace";
import { stableJson } from "@/core/shared";

type File = InstanceType<typeof Database>;
type Value = string | number | Buffer | null;
type Row = readonly [table: string, row: Readonly<Record<string, Value>>];

/** The morning the old house stands still at. */
export const OLD_NOON_MS = Date.UTC(2026, 0, 10, 11);
const HOUR_MS = 3_600_000;
const ago = (hours: number) => OLD_NOON_MS - hours * HOUR_MS;
const DAY = "2026-01-10";
const json = (value: unknown) => JSON.stringify(value);
const digest = (text: string) => createHash("sha256").update(text).digest("hex");

const SIDE = { lengthMm: 300, massG: 900, profile: [{ atMm: 0, thicknessMm: 30, widthMm: 120 }] };
const words = (text: string) => ({ code: "shared.one", values: { part: text } });
const VERDICT = { meets: true, asks: words("63 °C"), rule: words("63 °C"), advice: words("") };
const STAGES = [
  {
    id: "skin",
    name: "Skin side",
    seconds: 200,
    face: "skin",
    do: words("Lay it in"),
    cue: words("Crisp"),
    probeC: 30,
  },
  { id: "rest", name: "Rest", seconds: 60, face: "none", do: words("Rest"), cue: words("Ready"), probeC: 52 },
];
const ANSWER = {
  school: "",
  stages: STAGES,
  pullC: 48,
  peakC: 53,
  restPeakC: 53,
  readsLikeC: 53,
  restS: 60,
  band: "just-set",
  window: { earlyS: 20, lateS: 20 },
  safety: { ...VERDICT, section: "3-401.11", edition: "2022", as: "whole", longestS: 15 },
  lethality: [],
  dangerMin: 4,
  waterLossPct: 6,
  warnings: [],
  refusal: null,
  skinCrisp: true,
  browned: false,
  lowestPanC: 150,
  uncertainty: { lowC: 50, highC: 56, basis: words("memory") },
  chance: { inBand: 0.7, lowC: 50, highC: 56, samples: 40 },
  sensitivity: [],
  spread: null,
  practice: null,
  learned: false,
};
const ASKED = { speciesId: "cod", skin: true, startC: 5, panId: "steel-26", pieces: 2, pieceG: 160, thicknessMm: 28 };
/** Plans of the first houses named no method: there was one. */
const FIRST_PLAN = {
  ...ASKED,
  panC: 200,
  ovenC: 180,
  targetC: 53,
  answer: { ...ANSWER, times: { panS: 140, ovenS: 60 } },
};
const QUESTION = {
  ...ASKED,
  methodId: "skin-then-oven",
  kit: { panC: 200, ovenC: 180 },
  shape: { kind: "slab", thicknessMm: 28 },
  thinnestMm: 28,
  thickestMm: 28,
  goal: { kind: "centre", targetC: 53 },
  ruleSetId: "eu-853",
};
const LATER_PLAN = {
  ...QUESTION,
  targetC: 53,
  answer: { ...ANSWER, methodId: "skin-then-oven", pullS: 200, serveS: 260, stageSeconds: [140, 60, 60] },
};

const CARD = {
  name: "Cod, beurre blanc",
  piece: {
    speciesIds: ["cod"],
    use: "cook",
    massG: 160,
    thicknessMm: 28,
    methodId: "skin-then-oven",
    underCooked: false,
    crispSkin: true,
    skewered: false,
    boneIn: false,
  },
  sauce: null,
  garnishes: [],
  finish: [],
  priceCents: 2800,
  plateSeconds: 40,
  onlyOn: null,
};
const SAUCE = {
  name: "Beurre blanc",
  covers: 10,
  goesWith: ["cod"],
  base: [{ ingredientId: "white-wine", massG: 200 }],
  reduceToMl: 60,
  mount: [{ ingredientId: "butter", massG: 250 }],
  servedC: 55,
  strained: true,
  baseKeepsDays: 2,
};
const hashOf = (specId: string, kind: string, body: unknown) => digest(stableJson({ specId, kind, body }));
const spec = (specId: string, kind: string, body: { readonly name: string }): Row => [
  "specs",
  {
    hash: hashOf(specId, kind, body),
    spec_id: specId,
    kind,
    name: body.name,
    body: json(body),
    at_ms: ago(30),
    who: "Ylva",
  },
];

/** A fish lot as both forms of the table know it: one table at first, spine and fish later. */
function lot(id: string, speciesId: string, more: Readonly<Record<string, Value>> = {}): Row[] {
  const form = "side";
  const row = {
    id,
    lot_id: id,
    code: `10-${id}`,
    item_id: `part:${speciesId}:${form}:`,
    supplier_id: "quay",
    received_at_ms: ago(20),
    received_by: "Ylva",
    species_id: speciesId,
    form,
    production: "wild",
    area: "FAO 27.4.a",
    gear: "Longline",
    source: "Rype",
    caught_at_ms: ago(70),
    mass_g: 4000,
    remaining_g: 2000,
    total_cents: 7200,
    remaining_cents: 3600,
    price_cents_per_kg: 1800,
    receipt_c: 1,
    grades: json({ skin: 0, eyes: 1 }),
    verdict: "accept",
    reasons: json([
      { weight: "notes", text: "firm and bright", source: "house" },
      { weight: "notes", code: "days-remark", text: words("two days on ice"), source: "house" },
    ]),
    implied_ice_days: 2,
    status: "on-ice",
    place_id: "cold",
    delivery_id: "van",
    provenance: json({ supplierLot: `Q-${id}`, landingPlace: "Skagen", freezingStatement: false }),
    ...more,
  };
  const item: Row = ["items", { id: row.item_id, kind: "part", name: speciesId, facts: json({ speciesId, form }) }];
  return [item, ["lots", row], ["fish", row]];
}

const hold = (id: string, lotId: string, kind: string, facts: object): Row => [
  "holds",
  { id, lot_id: lotId, kind, started_at_ms: ago(10), started_by: "Ylva", facts: json({ kind, ...facts }) },
];

/** What stands in a house of that release. A table of a later one is left out when the file does not have it. */
function rowsOf(release: number): Row[] {
  const larder = release >= 11;
  const made: Row[] = [
    ["items", { id: "cream", kind: "bought", name: "Cream", facts: json({ ingredientId: "cream", centsPerKg: 620 }) }],
    [
      "items",
      { id: "sauce:bb", kind: "made", name: "Beurre blanc", facts: json({ ingredientId: "sauce:bb", isBase: true }) },
    ],
    [
      "lots",
      {
        id: "pack",
        code: "10-p",
        item_id: "cream",
        received_at_ms: ago(9),
        received_by: "Ylva",
        mass_g: 2000,
        remaining_g: 1500,
        total_cents: 1240,
        remaining_cents: 930,
        status: "on-ice",
        place_id: "cold",
        use_by_ms: ago(-90),
      },
    ],
    [
      "lots",
      {
        id: "base",
        code: "10-b",
        item_id: "sauce:bb",
        received_at_ms: ago(8),
        received_by: "Ylva",
        mass_g: 300,
        remaining_g: 300,
        total_cents: 400,
        remaining_cents: 400,
        status: "on-ice",
        place_id: "cold",
        use_by_ms: ago(-40),
        allergens: json({ milk: "contains", sulphites: "contains" }),
      },
    ],
    ["packs", { lot_id: "pack", supplier: "Mejeri", supplier_lot: "C-88" }],
    [
      "makes",
      {
        id: "mk-base",
        kind: "sauce",
        at_ms: ago(8),
        who: "Ylva",
        spec_hash: hashOf("bb", "sauce", SAUCE),
        facts: json({ covers: 10 }),
      },
    ],
    ["make_inputs", { make_id: "mk-base", lot_id: "pack", mass_g: 500, cents: 310 }],
    ["make_outputs", { make_id: "mk-base", lot_id: "base", label: "Beurre blanc", mass_g: 300, cents: 400 }],
    ["make_losses", { make_id: "mk-base", kind: "evaporated", label: "steam", mass_g: 200 }],
    [
      "makes",
      {
        id: "mk-way",
        kind: "breakdown",
        at_ms: ago(18),
        who: "Ylva",
        facts: json({ wayId: "fillet", form: "side", speciesId: "cod", supplierId: "quay" }),
      },
    ],
    ["make_inputs", { make_id: "mk-way", lot_id: "cod", mass_g: 900, cents: 1620 }],
    [
      "make_outputs",
      { make_id: "mk-way", lot_id: "belly", label: "Belly", part_id: "belly", use: "raw", mass_g: 500, cents: 900 },
    ],
    spec("bb", "sauce", SAUCE),
    spec("card", "card", CARD),
  ];
  return [
    [
      "house",
      {
        id: 1,
        name: "Old house",
        time_zone: "Europe/Copenhagen",
        units: "metric",
        rule_set_id: "eu-853",
        created_at_ms: ago(900),
        currency: "EUR",
      },
    ],
    ["staff", { id: "ylva", name: "Ylva" }],
    ["suppliers", { id: "quay", name: "Landing" }],
    ["places", { id: "cold", name: "Walk-in", set_c: 1, max_c: 2, device_key: "k-cold" }],
    ["places", { id: "blast", name: "Freezer", set_c: -35, kind: "freezer", device_key: null }],
    ["place_readings", { place_id: "cold", at_ms: ago(6), celsius: 1.2 }],
    ["place_readings", { place_id: "cold", at_ms: ago(4), celsius: 6.4 }],
    ["place_readings", { place_id: "blast", at_ms: ago(4), celsius: -36 }],
    [
      "corrective_actions",
      { place_id: "cold", excursion_from_ms: ago(4), action: "door shut", who: "Ylva", at_ms: ago(3) },
    ],
    ["deliveries", { id: "van", supplier_id: "quay", received_at_ms: ago(20), received_by: "Ylva" }],
    ...lot("cod", "cod"),
    ...lot("belly", "cod", {
      parent_id: "cod",
      form: "fillet",
      mass_g: 500,
      remaining_g: 500,
      total_cents: 900,
      remaining_cents: 900,
      place_id: "blast",
      part_label: "Belly",
      part_use: "raw",
    }),
    ...lot("salmon", "atlantic-salmon", { production: "farmed", state: "thawed", thawed_on: DAY }),
    ...lot("gone", "mackerel", { status: "finished", remaining_g: 0, remaining_cents: 0 }),
    [
      "own_species",
      {
        id: "forkbeard",
        facts: json({
          id: "forkbeard",
          name: "Greater forkbeard",
          scientificName: "Phycis blennoides",
          marketNames: [],
          likeId: "ling",
          iceLifeDays: 10,
          skinlessPct: 40,
          histamineFormer: "no",
          rawUse: "none",
        }),
        added_at_ms: ago(80),
        added_by: "Ylva",
      },
    ],
    ["lot_stays", { lot_id: "cod", place_id: "cold", from_ms: ago(20) }],
    ["lot_stays", { lot_id: "belly", place_id: "blast", from_ms: ago(12) }],
    hold("freeze", "belly", "parasite", { ruleId: "eu-853", stated: null }),
    hold("thaw", "salmon", "thaw", { plannedH: 20, vacuumPack: true, packOpened: false }),
    hold("cure", "cod", "cure", { plannedH: 30, note: "40 g salt a kilo" }),
    hold("tag", "cod", "tag", { untilMs: ago(-900), lastServedOn: DAY }),
    ["hold_readings", { hold_id: "freeze", at_ms: ago(5), celsius: -22, who: "Ylva" }],
    ["waste", { lot_id: "cod", at_ms: ago(2), who: "Ylva", mass_g: 100, reason: "torn", cost_cents: 180 }],
    [
      "advice",
      {
        species_id: "cod",
        area: "27.4",
        gear: "longline",
        body: "Council",
        rating: "acceptable",
        issued_on: "2025-11-01",
        added_at_ms: ago(500),
      },
    ],
    [
      "attachments",
      {
        id: "paper",
        lot_id: "cod",
        name: "landing.pdf",
        mime: "application/pdf",
        sha256: digest("%PDF-1.4"),
        bytes: Buffer.from("%PDF-1.4"),
        added_at_ms: ago(20),
        added_by: "Ylva",
      },
    ],
    ["covers", { day: DAY, species_id: "cod", use: "cook", covers: 12, portion_g: 160 }],
    [
      "batches",
      {
        id: "batch",
        code: "10-cod/A",
        lot_id: "cod",
        cut_at_ms: ago(7),
        cut_by: "Ylva",
        side: json(SIDE),
        sides: json([SIDE]),
        portion_g: 160,
        tolerance_g: 8,
        trim_g: 40,
        trim_use: "stock",
      },
    ],
    [
      "portions",
      {
        id: 1,
        batch_id: "batch",
        position: 1,
        from_mm: 0,
        to_mm: 60,
        mass_g: 160,
        mean_thickness_mm: 27,
        max_thickness_mm: 29,
        cook_id: "cook",
      },
    ],
    [
      "portions",
      {
        id: 2,
        batch_id: "batch",
        position: 2,
        from_mm: 60,
        to_mm: 120,
        mass_g: 158,
        mean_thickness_mm: 27,
        max_thickness_mm: 28,
      },
    ],
    [
      "cooks",
      {
        id: "cook",
        batch_id: "batch",
        started_at_ms: ago(1),
        started_by: "Ylva",
        pieces: 1,
        plan: json(release < 6 ? FIRST_PLAN : LATER_PLAN),
        open: 1,
      },
    ],
    ["cook_events", { cook_id: "cook", at_ms: ago(1), kind: "started", amount: null, who: "Ylva", request_id: "r1" }],
    ["cook_events", { cook_id: "cook", at_ms: ago(0.97), kind: "probed", amount: 41, who: "Ylva", request_id: "r2" }],
    ["cook_pieces", { cook_id: "cook", portion_id: 1, mass_g: 160 }],
    ["boards", { use: "raw-fish", colour: "blue" }],
    ["board_washes", { colour: "blue", at_ms: ago(5), who: "Ylva" }],
    [
      "breakdowns",
      {
        id: "way",
        lot_id: "cod",
        at_ms: ago(18),
        who: "Ylva",
        way_id: "fillet",
        form: "side",
        species_id: "cod",
        supplier_id: "quay",
        whole_g: 900,
        loss_g: 400,
      },
    ],
    [
      "breakdown_parts",
      { breakdown_id: "way", part_id: "belly", label: "Belly", mass_g: 500, use: "raw", child_id: "belly" },
    ],
    ["lot_notes", { lot_id: "cod", at_ms: ago(15), who: "Ylva", kind: "looked", amount: 0, out_of: 4 }],
    ["scales", { id: "scale", name: "Board", device_key: "k-scale", mass_g: 162, stable: 1, at_ms: ago(1) }],
    ["probes", { id: "probe", name: "Pass", device_key: "k-probe", celsius: 40, at_ms: ago(1) }],
    ["cook_readings", { cook_id: "cook", probe_id: "probe", at_ms: ago(0.98), celsius: 38 }],
    [
      "station_fits",
      {
        pan_id: "steel-26",
        at_ms: ago(50),
        who: "Ylva",
        vessel: 0.1,
        vessel_sd: 0.05,
        air: 0,
        air_sd: 0.1,
        cooks: 3,
        residuals: json([{ timeS: 90, beforeK: 2, afterK: 0.5 }]),
      },
    ],
    [
      "station_sheets",
      {
        id: "sheet",
        at_ms: ago(40),
        who: "Ylva",
        question: json(QUESTION),
        rows: json([
          {
            thicknessMm: 20,
            stages: [{ name: "Skin side", seconds: 150 }],
            pullC: 48,
            peakC: 52,
            earlyS: 10,
            lateS: 12,
            band: "just-set",
            refusal: null,
          },
          {
            thicknessMm: 60,
            stages: [],
            pullC: null,
            peakC: null,
            earlyS: null,
            lateS: null,
            band: null,
            refusal: "too thick for it",
          },
        ]),
      },
    ],
    [
      "hot_holds",
      {
        id: "hot",
        request_id: "r3",
        cook_id: "cook",
        title: "Cod",
        place: "lamp",
        rule_set_id: "eu-853",
        started_at_ms: ago(0.5),
        started_by: "Ylva",
        from_c: 66,
        used_min: 2,
      },
    ],
    ["hot_hold_readings", { request_id: "r4", hot_hold_id: "hot", at_ms: ago(0.4), celsius: 64, who: "Ylva" }],
    ["intentions", { id: "r1", action: "startCook", at_ms: ago(1), answer: json({ value: "cook" }) }],
    ...(larder ? made : []),
    ["spots", { id: "burner-1", kind: "burner", name: "burner 1", facts: json({ netPowerW: 1800 }) }],
    ["card_covers", { day: DAY, card_id: "card", covers: 8 }],
    ["card_offs", { card_id: "card", from_ms: ago(2), who: "Ylva", reason: "no sauce", to_ms: ago(1) }],
    [
      "card_notes",
      { id: "note", card_id: "card", title: "Recipe", body: "As at the last house", who: "Ylva", at_ms: ago(30) },
    ],
    [
      release < 12 ? "plates" : "raw_plates",
      {
        id: "raw",
        lot_id: "belly",
        at_ms: ago(3),
        who: "Ylva",
        dish: "raw",
        covers: 2,
        grams_per_cover: 60,
        used_g: 120,
        rule: "frozen",
        record: "hold freeze",
      },
    ],
    ...(release < 12
      ? []
      : ([
          [
            "plates",
            {
              id: "plate",
              card_hash: hashOf("card", "card", CARD),
              cook_id: "cook",
              at_ms: ago(0.3),
              who: "Ylva",
              state: "gone",
              rule_set_id: "eu-853",
              allergens: json({ fish: "contains" }),
              cost_cents: 420,
              line_id: "line",
            },
          ],
          ["plate_parts", { plate_id: "plate", lot_id: "cod", portion_id: 1, mass_g: 160, certainty: "certain" }],
          ["plate_parts", { plate_id: "plate", lot_id: "base", mass_g: 30, certainty: "one-of" }],
        ] satisfies Row[])),
    ["tickets", { id: "ticket", day: DAY, table_name: "4", at_ms: ago(1.5), who: "Ylva", source: "typed" }],
    [
      "ticket_courses",
      { ticket_id: "ticket", course: 1, called_at_ms: ago(1.2), gone_at_ms: ago(0.3), gone_by: "Ylva" },
    ],
    [
      "ticket_lines",
      {
        id: "line",
        ticket_id: "ticket",
        course: 1,
        card_id: "card",
        count: 1,
        wishes: json(["no skin"]),
        allergies: json(["milk"]),
      },
    ],
    ["ticket_senders", { id: "till", name: "Bar", device_key: "k-till" }],
    [
      "line_pans",
      {
        id: "pan",
        day: DAY,
        card_id: "card",
        began_at_ms: ago(1),
        who: "Ylva",
        cook_id: "cook",
        stages: json([{ id: "skin", name: "Skin side", medianS: 200, keptS: 230, spot: "burner", ovenC: null }]),
        events: json([{ kind: "started", atMs: ago(1) }]),
        parts: json([{ lineId: "line", count: 1 }]),
      },
    ],
    ["line_marks", { task_id: "plate:line", kind: "done", day: DAY, at_ms: ago(0.3), who: "Ylva" }],
    ["spot_outs", { kind: "oven", from_ms: ago(3), who: "Ylva", to_ms: ago(2) }],
    ["close_counts", { day: "2026-01-09", batch_id: "batch", counted: 2, booked: 2, who: "Ylva", at_ms: ago(14) }],
    [
      "orders",
      {
        id: "order",
        supplier: "Landing",
        species_id: "cod",
        form: "side",
        frozen: 0,
        mass_g: 5000,
        day: DAY,
        placed_on: DAY,
        placed_by: "Ylva",
        placed_at_ms: ago(26),
      },
    ],
    ["order_days", { order_id: "order", day: DAY, lot_id: "cod", at_ms: ago(20), who: "Ylva" }],
    [
      "device_keys",
      {
        id: "key",
        kind: "sensor",
        subject_id: "cold",
        key_hash: digest("k-cold"),
        made_at_ms: ago(400),
        made_by: "Ylva",
      },
    ],
    ["pairings", { code_hash: digest("code"), name: "Pass", kind: "screen", made_by: "Ylva", until_ms: ago(-1) }],
    ["tablets", { id: "tablet", name: "Pass", kind: "screen", paired_at_ms: ago(100), paired_by: "Ylva" }],
    ["house_checks", { id: "check", name: "Fryer oil", list: "closing", by_min: 1380, added_at_ms: ago(100) }],
    ["check_marks", { check_id: "check", day: "2026-01-09", at_ms: ago(12), who: "Ylva" }],
  ];
}

const ENTRIES: readonly LedgerBody[] = (
  [
    ["house-opened", null, { name: "Old house", ruleSetId: "eu-853", timeZone: "Europe/Copenhagen" }],
    [
      "lot-received",
      "cod",
      { code: "10-cod", speciesId: "cod", supplier: "Landing", massG: 4000, reasons: ["firm and bright"] },
    ],
    ["batch-cut", "cod", { code: "10-cod/A" }],
    ["cook-started", "cod", { pieces: 1 }],
  ] as const
).map(([kind, lotId, payload], index) => ({
  atMs: ago(30 - index),
  who: "Ylva",
  kind,
  lotId,
  batchId: null,
  cookId: null,
  correctsSeq: null,
  payload,
}));

function insert(file: File, table: string, row: Readonly<Record<string, Value>>): void {
  const columns = (file.pragma(`table_info("${table}")`) as readonly { readonly name: string }[])
    .map(({ name }) => name)
    .filter((name) => name in row);
  const places = columns.map(() => "?").join(", ");
  file
    .prepare(`insert or ignore into "${table}" (${columns.map((name) => `"${name}"`).join(", ")}) values (${places})`)
    .run(...columns.map((name) => row[name]));
}

/** Fills the file of a release with a house; answers how many rows each table holds. */
export function fillOldHouse(file: File, release: number): ReadonlyMap<string, number> {
  const has = new Set(
    (
      file.prepare("select name from sqlite_master where type = 'table'").all() as readonly { readonly name: string }[]
    ).map(({ name }) => name),
  );
  file.pragma("foreign_keys = off");
  for (const [table, row] of rowsOf(release)) if (has.has(table)) insert(file, table, row);
  let prevHash = GENESIS_HASH;
  for (const [index, body] of ENTRIES.entries()) {
    const { payload, ...head } = body;
    const hash = digest(sealedText(prevHash, body));
    insert(file, "ledger", {
      seq: index + 1,
      at_ms: head.atMs,
      who: head.who,
      kind: head.kind,
      lot_id: head.lotId,
      payload: json(payload),
      prev_hash: prevHash,
      hash,
    });
    if (has.has("ledger_subjects") && head.lotId)
      insert(file, "ledger_subjects", { seq: index + 1, kind: "lot", id: head.lotId });
    prevHash = hash;
  }
  const wrong = file.pragma("foreign_key_check") as readonly { readonly table: string }[];
  if (wrong.length > 0) throw new Error(`the old house points nowhere: ${JSON.stringify(wrong)}`);
  return new Map(
    [...has].map((name) => [name, (file.prepare(`select count(*) as n from "${name}"`).get() as { n: number }).n]),
  );
}
