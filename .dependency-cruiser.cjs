// Arrows point downward only: app -> ui, workers, db, verbs, house, words, core; db -> house -> core; and inside the core to lower subjects.
const SUBJECTS = [
  "shared",
  "numeric",
  "units",
  "matter",
  "species",
  "heat",
  "safety",
  "freshness",
  "larder",
  "coldchain",
  "cure",
  "block",
  "cooking",
  "raw",
  "butter",
  "line",
  "trace",
  "cards",
];

const subjectRules = SUBJECTS.map((subject, index) => ({
  name: `core-${subject}-looks-down`,
  severity: "error",
  comment: `core/${subject} may import only itself and the subjects below it`,
  from: { path: `^src/core/${subject}/` },
  to: { path: `^src/core/(?!${SUBJECTS.slice(0, index + 1).join("/|")}/)` },
}));

/** Rooms of the stove, lowest first. */
const STOVE_ROOMS = ["model", "doneness", "methods", "plan", "live", "after"];

const stoveRules = STOVE_ROOMS.map((room, index) => ({
  name: `stove-${room}-looks-down`,
  severity: "error",
  comment: `core/cooking/${room} may import only itself and the rooms below it`,
  from: { path: `^src/core/cooking/${room}/`, pathNot: "\\.test(kit)?\\.ts$" },
  to: {
    path: `^src/core/cooking/(?!${STOVE_ROOMS.slice(0, index + 1)
      .map((name) => `${name}/`)
      .join("|")})`,
  },
}));

/** Rooms of the block, lowest first: what an animal comes apart into, sides and cuts, counted and prepared pieces, ordering. */
const BLOCK_ROOMS = ["parts", "cuts", "pieces", "order"];

const blockRules = BLOCK_ROOMS.map((room, index) => ({
  name: `block-${room}-looks-down`,
  severity: "error",
  from: { path: `^src/core/block/${room}/`, pathNot: "\\.test\\.ts$" },
  to: {
    path: `^src/core/block/(?!${BLOCK_ROOMS.slice(0, index + 1)
      .map((name) => `${name}/`)
      .join("|")})`,
  },
}));

/** Rooms of butter, lowest first: a pan that boils down, what is mounted in it, the shelf, a whole sauce. */
const BUTTER_ROOMS = ["reduce", "mount", "shelf", "sauce"];

const butterRules = BUTTER_ROOMS.map((room, index) => ({
  name: `butter-${room}-looks-down`,
  severity: "error",
  from: { path: `^src/core/butter/${room}/`, pathNot: "\\.test\\.ts$" },
  to: {
    path: `^src/core/butter/(?!${BUTTER_ROOMS.slice(0, index + 1)
      .map((name) => `${name}/`)
      .join("|")})`,
  },
}));

/** Rooms of the house, lowest first; what stands beside them (people, hosts, the night) imports none. */
const HOUSE_ROOMS = ["lots", "raw", "stove", "stored", "butter", "cards", "line", "book"];

const houseRules = HOUSE_ROOMS.map((room, index) => ({
  name: `house-${room}-looks-down`,
  severity: "error",
  from: { path: `^src/house/${room}/`, pathNot: "\\.test\\.ts$" },
  to: {
    path: `^src/house/(?!${HOUSE_ROOMS.slice(0, index + 1)
      .map((name) => `${name}/`)
      .join("|")})`,
  },
}));

const only = (folder, allowed) => ({
  name: `${folder}-looks-down`,
  severity: "error",
  from: { path: `^src/${folder}/`, pathNot: "\\.test\\.tsx?$" },
  to: { path: `^src/(?!${allowed.map((name) => `${name}/`).join("|")})` },
});

/** @type {import("dependency-cruiser").IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true },
    },
    ...subjectRules,
    ...stoveRules,
    ...blockRules,
    ...butterRules,
    ...houseRules,
    {
      name: "stove-rooms-by-their-front-door",
      severity: "error",
      from: { path: "^src/core/cooking/([^/]+)/", pathNot: "\\.test(kit)?\\.ts$" },
      to: {
        path: "^src/core/cooking/([^/]+)/",
        pathNot: ["^src/core/cooking/$1/", "^src/core/cooking/[^/]+/index\\.ts$"],
      },
    },
    {
      name: "subjects-by-their-front-door",
      severity: "error",
      comment: "other subjects are imported by their index only",
      from: { path: "^src/core/([^/]+)/" },
      to: { path: "^src/core/([^/]+)/", pathNot: ["^src/core/$1/", "^src/core/[^/]+/index\\.ts$"] },
    },
    {
      name: "core-by-its-front-door",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/core/" },
      to: { path: "^src/core/", pathNot: ["^src/core/[^/]+/index\\.ts$", "\\.testkit\\.ts$"] },
    },
    only("core", ["core"]),
    only("calendar", ["calendar"]),
    only("words", ["words", "core"]),
    only("exchange", ["exchange", "calendar", "words", "core"]),
    only("standins", ["standins", "core"]),
    only("house", ["house", "calendar", "core"]),
    only("db", ["db", "house", "calendar", "words", "core"]),
    only("verbs", ["verbs", "words", "core"]),
    only("workers", ["workers", "exchange", "words", "core"]),
    only("server", ["server", "db", "verbs", "house", "exchange", "calendar", "words", "core"]),
    {
      name: "ui-looks-down",
      severity: "error",
      comment: "ui may name the types of rows, never read them",
      from: { path: "^src/ui/" },
      to: { path: "^src/(app|cli|verbs|demo|workers|server)/" },
    },
    {
      name: "ui-runs-no-database",
      severity: "error",
      from: { path: "^src/ui/" },
      to: { path: "^src/db/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "one-database",
      severity: "error",
      comment: "only db knows SQLite",
      from: { path: "^src/", pathNot: "^src/db/" },
      to: { path: "node_modules/(better-sqlite3|drizzle-orm)" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
