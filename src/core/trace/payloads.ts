import type { CorrectiveKind } from "@/core/coldchain";
import type { TableSum } from "./stateCheck";

type Renewed = { readonly name: string; readonly renewed: boolean };
type Goods = { readonly name: string; readonly id: string };
type Order = { readonly supplier: string; readonly speciesId: string; readonly massG: number };
type DoorLot = {
  readonly code: string;
  readonly speciesId: string;
  readonly supplier: string;
  readonly massG: number;
  readonly statedMassG: number | null;
  readonly receiptC: number;
  readonly verdict: string;
  readonly reasons: readonly string[];
};
type OfTable = { readonly table: string };
type CourseOf = OfTable & { readonly course: number };
type OfPan = { readonly pan: string };
type Allergy = OfTable & { readonly card: string; readonly allergies: readonly string[] };
type Excursion = {
  readonly place: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly extremeC: number;
  readonly did: CorrectiveKind;
  readonly readingC: number | null;
  readonly to: string | null;
  readonly moved: readonly string[];
  readonly thrown: readonly string[];
  readonly action: string;
  readonly lots: readonly string[];
  /** What the fish that lay there lost, days on ice. */
  readonly lostIceDays?: number;
  readonly histamineOk?: boolean | null;
};

/**
 * What each kind of entry says, as it is written now. Masses in g, volumes in ml, temperatures in °C, money in cents, `...Ms`: moments.
 * Where several acts write one kind, what only some of them say is optional.
 */
export type LedgerPayloads = {
  "house-opened": { readonly name: string; readonly ruleSetId: string; readonly timeZone: string };
  /** One of these settings. */
  "house-changed": {
    readonly currency?: string;
    readonly decimalMark?: string;
    readonly susceptibleGuests?: boolean;
    readonly serviceMin?: number;
    readonly hostNames?: readonly string[];
    readonly lineHands?: number;
    readonly vatPct?: number;
    readonly extraCents?: number;
    readonly targetPct?: number;
    readonly spot?: string;
    readonly count?: number;
  };
  "probe-checked": { readonly probe: string; readonly celsius: number };
  "handover-left": { readonly note: string };
  "handover-taken": {
    readonly from: string;
    readonly runs: number;
    readonly owed: number;
    readonly low: number;
    readonly probe: string;
  };
  "order-placed": Order & { readonly day: string; readonly everyWeek: boolean };
  "order-ended": Order;
  "order-missing": Order & { readonly day: string };
  "lot-received": DoorLot;
  "lot-refused": DoorLot;
  "lot-finished": { readonly code: string; readonly reason: string; readonly leftG: number };
  "batch-cut": {
    readonly code: string;
    readonly sides: number;
    readonly sideG: number;
    readonly portions: number;
    readonly portionG: number;
    readonly trimG: number;
    readonly trimUse: string;
    readonly trimLot: string | null;
    readonly restG: number;
    readonly restLots: readonly string[];
    readonly leftG: number;
  };
  /** With the settings of the method that was cooked by: `panC`, `ovenC` and so on. */
  "cook-started": {
    readonly batch: string | null;
    readonly species: string;
    readonly pieces: number;
    readonly method: string;
    readonly targetC: number | null;
    readonly outcome: string;
    readonly pan: string | null;
    readonly panC?: number;
    readonly ovenC?: number;
    readonly mediumC?: number;
    readonly secondC?: number;
    readonly sourceC?: number;
    readonly distanceMm?: number;
  };
  "probe-noted": { readonly centreC: number | null; readonly stage: string };
  "cook-finished": {
    readonly pieces: number;
    readonly seconds: number;
    readonly plannedPeakC: number;
    readonly probedC: readonly number[];
    readonly meetsRule: boolean;
    readonly rule: string;
  };
  "cook-abandoned": { readonly stage: string; readonly became: string | null };
  "tap-undone": { readonly what: string; readonly stage: string; readonly pieces: number };
  "cook-modelled": { readonly peakC: number; readonly plannedPeakC: number; readonly meets: boolean };
  "lot-moved": {
    readonly code: string;
    readonly from: string | null | undefined;
    readonly to: string;
    readonly state: string;
    readonly was: string;
  };
  "lot-split": {
    readonly code: string;
    readonly child: string;
    readonly childId: string;
    readonly massG: number;
    readonly form: string;
    readonly note: string;
    readonly place?: string;
    readonly leftG?: number;
  };
  /** A lot with how long it keeps from now, or a pack of one in a hold. */
  "lot-opened": {
    readonly code?: string;
    readonly day?: string;
    readonly openDays?: number | null;
    readonly pack?: string;
  };
  "lot-wasted": {
    readonly code: string;
    readonly massG: number;
    readonly reason: string;
    readonly costCents: number;
    readonly leftG: number;
    readonly servedG?: number;
  };
  /** With the facts of the hold as they were asked for. */
  "hold-started": {
    readonly code: string;
    readonly hold: string;
    readonly note?: string;
    readonly [fact: string]: unknown;
  };
  "hold-read": { readonly code: string; readonly celsius: number; readonly readAtMs: number };
  "hold-closed": {
    readonly code: string;
    readonly hold: string;
    readonly met: boolean;
    readonly as: string;
    readonly rule: string;
  };
  "place-set": {
    readonly placeId: string;
    readonly name: string;
    readonly kind: string;
    readonly setC: number;
    readonly minC: number | null;
    readonly maxC: number | null;
    readonly everyMin: number;
  };
  "reading-typed": { readonly place: string; readonly celsius: number; readonly readAtMs: number };
  /** `parts`: the parts one file came in, where they are told as one line. */
  "readings-imported": { readonly place: string; readonly added: number; readonly parts?: number };
  "excursion-answered": Excursion;
  "file-attached": {
    readonly name: string;
    readonly mime: string;
    readonly bytes: number;
    readonly sha256: string;
  };
  "species-added": {
    readonly id: string;
    readonly name: string;
    readonly scientificName: string;
    readonly family?: string | null;
    readonly marketNames: readonly { readonly language: string; readonly name: string }[];
    readonly likeId: string;
    readonly iceLifeDays: number;
    readonly skinlessPct: number;
    readonly histamineFormer: string;
    readonly rawUse: string;
  };
  "advice-added": { readonly entries: number; readonly bodies: readonly string[] };
  "covers-planned": {
    readonly day: string;
    readonly speciesId: string | undefined;
    readonly use: string;
    readonly covers: number;
    readonly portionG?: number;
    readonly card?: string;
  };
  "lot-broken-down": {
    readonly code: string;
    readonly way: string;
    readonly wholeG: number;
    readonly lossG: number;
    readonly leftG: number;
    readonly parts: readonly { readonly part: string; readonly massG: number; readonly use: string }[];
    readonly children: readonly string[];
  };
  "batch-prepared": {
    readonly code: string;
    readonly steps: readonly string[];
    readonly notes: readonly string[];
    readonly startC: number;
  };
  "scale-set": Renewed;
  "board-set": { readonly use: string; readonly colour: string };
  "board-washed": { readonly colour: string };
  /** Something measured, with its amount, or papers, with what they say. */
  "lot-noted": {
    readonly code: string;
    readonly note: string;
    readonly amount?: number;
    readonly outOf?: number | null;
    readonly [paper: string]: unknown;
  };
  "plates-served": {
    readonly code: string;
    readonly dish: string;
    readonly covers: number;
    readonly gramsPerCover: number;
    readonly usedG: number;
    readonly leftG: number;
    readonly rule: string;
    readonly exemption: string | null;
    readonly record: string;
    readonly advisory: string;
    readonly checks: readonly string[];
  };
  "pieces-counted": {
    readonly code: string;
    readonly count: number;
    readonly pieceG: number;
    readonly sizeMm: number;
    readonly leftG: number;
  };
  "probe-set": Renewed;
  "station-learned": {
    readonly panId: string;
    readonly vesselFactor: number;
    readonly airFactor: number;
    readonly cooks: number;
    readonly readings: number;
  };
  "station-reset": { readonly panId: string };
  "sheet-kept": { readonly speciesId: string; readonly methodId: string; readonly lines: number };
  "steps-kept": { readonly speciesId: string; readonly methodId: string; readonly steps: readonly string[] };
  "clock-jumped": { readonly driftMin: number };
  "clock-taken": { readonly forwardMin: number };
  "hot-hold-started": {
    readonly hold: string;
    readonly title: string;
    readonly place: string;
    readonly fromC: number;
    readonly usedMin: number;
  };
  "hot-hold-read": {
    readonly hold: string;
    readonly title: string;
    readonly celsius: number;
    readonly state: string;
  };
  "hot-hold-ended": {
    readonly hold: string;
    readonly title: string;
    readonly as: string;
    readonly minutes: number;
    readonly belowMin: number;
  };
  "spec-kept": { readonly name: string; readonly hash: string };
  "base-made": {
    readonly code: string;
    readonly name: string;
    readonly covers: number;
    readonly massG: number;
    readonly evaporatedG: number;
    readonly useByMs: number;
    readonly from: readonly string[];
  };
  "sauce-mounted": {
    readonly code: string;
    readonly name: string;
    readonly covers: number;
    readonly massG: number;
    readonly servedC: number;
    readonly base: string | null;
  };
  "stock-started": {
    readonly bones: readonly string[];
    readonly bonesG: number;
    readonly waterMl: number;
    readonly simmerMin: number;
  };
  "stock-made": {
    readonly code: string;
    readonly yieldMl: number;
    readonly bones: readonly string[];
    readonly simmerMin: number;
    readonly cooling: string;
    readonly iceG: number;
  };
  "stock-bought": {
    readonly code: string;
    readonly name: string;
    readonly volumeMl: number;
    readonly cents: number;
    readonly useByMs: number;
  };
  "pack-received": {
    readonly code: string;
    readonly name: string;
    readonly massG: number;
    readonly cents: number;
    readonly supplier: string;
    readonly supplierLot: string;
    readonly useByMs: number | null;
  };
  "supplier-set": { readonly name: string; readonly phone: string };
  "recall-run": {
    readonly asked: string;
    readonly by: string;
    readonly real: boolean;
    readonly tookMs: number;
    readonly lots: number;
    readonly codes: readonly string[];
    readonly certain: number;
    readonly possible: number;
    readonly leftG: number;
    readonly pieces: number;
  };
  /** What every table came to, and by which columns it was summed. */
  "day-sealed": {
    readonly tables: Readonly<Record<string, TableSum>>;
    readonly columns: Readonly<Record<string, string>>;
  };
  "backup-kept": { readonly file: string; readonly entries: number; readonly rows: number };
  "backup-failed": { readonly why: string };
  "check-set": {
    readonly name: string;
    readonly list: string;
    readonly ended: boolean;
    readonly byMin?: number;
    readonly doneBy?: string | null;
  };
  "check-done": { readonly name: string; readonly list: string; readonly wrong: string | null };
  "stock-read": {
    readonly code: string;
    readonly celsius: number;
    readonly minutes: number;
    readonly verdict: string;
  };
  "reduction-started": { readonly name: string; readonly toMl: number; readonly seconds: number };
  "reduction-noted": { readonly name: string; readonly weighedG?: number; readonly levelMm?: number };
  "reduction-ended": {
    readonly name: string;
    readonly as: string;
    readonly tookSeconds: number | null;
    readonly modelSeconds: number;
  };
  "preparation-made": {
    readonly code: string;
    readonly name: string;
    readonly massG: number;
    readonly frozen: boolean;
    readonly useByMs: number;
  };
  "portions-taken": { readonly code: string; readonly massG: number; readonly leftG: number };
  "good-kept": Goods & {
    readonly centsPerKg?: number | null;
    readonly retired?: boolean;
    readonly standsFor?: string | null;
  };
  "oil-tested": { readonly name: string; readonly polarPct: number; readonly verdict: string };
  "oil-changed": { readonly name: string; readonly polarPct: number | null };
  "label-printed": { readonly code: string; readonly name: string };
  "card-off": { readonly name: string; readonly reason: string | null };
  "card-on": { readonly name: string; readonly reason: string | null };
  "card-served": {
    readonly name: string;
    readonly hash: string;
    readonly covers: number;
    readonly plates: readonly string[];
    readonly parts: readonly object[];
    readonly allergens: readonly string[];
    readonly wishes?: readonly string[];
  };
  "card-note-kept": { readonly name: string; readonly title: string };
  "card-note-dropped": { readonly title: string };
  "ticket-opened": OfTable & {
    readonly said: string;
    readonly source: string;
    readonly guest?: string;
    readonly courses: readonly (readonly object[])[];
  };
  "ticket-struck": OfTable;
  "ticket-back": OfTable;
  "course-called": CourseOf & { readonly wantedAtMs: number | null; readonly promisedAtMs: number | null };
  "course-held": CourseOf;
  "course-gone": CourseOf & { readonly covers: number };
  "course-back": CourseOf;
  "pan-begun": OfPan & { readonly name: string; readonly pieces: number };
  "pan-lost": OfPan;
  "pan-back": OfPan;
  "pieces-again": OfTable & { readonly card: string; readonly count: number; readonly reason: string };
  "allergy-swapped": Allergy & { readonly wishes: readonly string[] };
  "allergy-seen": Allergy & { readonly swappedBy: string };
  "spot-out": { readonly spot: string };
  "spot-back": { readonly spot: string };
  "close-counted": {
    readonly name: string;
    readonly counted: number;
    readonly booked: number;
    readonly became: string | null;
  };
  "sender-set": Renewed;
  "sensor-set": Renewed;
  "key-ended": { readonly device: string; readonly name: string };
  "person-set": { readonly name: string; readonly role: string; readonly change: string };
  "tablet-set": { readonly name: string; readonly tablet: string; readonly change: string };
  correction: { readonly note: string };
};
