import type { Form } from "@/core/freshness";
import { majorArea } from "@/core/raw";
import { FOOD_CODE, HAZARDS_GUIDE, type Rearing, type RuleSetId } from "@/core/safety";
import { carries, isFinfish, type Species, type SpeciesGroup } from "@/core/species";

/** What is known of a lot beside its columns; every part may be missing and is then asked for where the rule set wants it. */
export type Provenance = {
  readonly subArea?: string;
  readonly landingPlace?: string;
  readonly supplierLot?: string;
  /** Shellfish tag: shipper or harvester certificate, harvest date and place as printed. */
  readonly tag?: { readonly certificate: string; readonly harvestedOn: string; readonly dealer: string };
  readonly byCatch?: boolean;
  readonly defrosted?: boolean;
  readonly useBy?: string;
  /** Days the pack gives once it is open. */
  readonly openDays?: number;
  readonly additives?: readonly string[];
  /** How farmed fish was reared. */
  readonly rearing?: Rearing;
  /** Statement that it was reared from embryos on feed that carries no parasites, as the rule in force asks. */
  readonly feedStatement?: boolean;
  /** Statement of the supplier that it was frozen as the parasite rule asks. */
  readonly freezingStatement?: boolean;
  readonly clearedGround?: boolean;
  readonly roeOn?: boolean;
  readonly skein?: "in" | "removed-and-rinsed";
  /** The dealer is on the certified list, or the dispatch centre is approved. */
  readonly dealerListed?: boolean;
  readonly waterClass?: "A" | "B" | "C";
  /** Number of the catch document or proof of origin a protected species travels with. */
  readonly catchDocument?: string;
  /** Counted at the door: shells, lobsters, fish. */
  readonly pieces?: number;
  /** The whole animal a cut came from, where its size tells a hazard. */
  readonly wholeKg?: number;
  readonly deaths?: { readonly dead: number; readonly counted: number };
};

export type AdviceRating = "best" | "acceptable" | "avoid";

export type TraceFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  readonly caughtOn: string | null;
  readonly frozen: boolean;
  readonly provenance: Provenance;
};

export type MissingFact = {
  readonly id: string;
  readonly label: string;
  /** Why it matters, in the cook's words. */
  readonly why: string;
  readonly source: string;
  /** required: the rule asks for it here; wise: it is asked for later or by good practice. */
  readonly weight: "required" | "wise";
};

export type Completeness = {
  readonly wanted: number;
  readonly known: number;
  readonly all: readonly MissingFact[];
  readonly missing: readonly MissingFact[];
};

const EU_ITEMS = "Reg. (EU) 1379/2013, Art. 35, 38, Annex III (memory, high)";
const EU_LABEL = "Reg. (EC) 853/2004, Annex III, Sec. VII (memory, high)";
const US_TAG = `${FOOD_CODE}, 3-202.18 (memory, high)`;
const GDST = "key data elements of seafood traceability (common practice of the trade)";

type Want = MissingFact & { readonly known: boolean };

/** What the rule set wants to know of this lot at the door, and what of it is not there yet. */
export function completeness(ruleSetId: RuleSetId, facts: TraceFacts): Completeness {
  const us = ruleSetId === "fda-2022";
  const wants = [
    ...atTheDoor(us, facts),
    ...(facts.production === "wild" ? ofTheWild(us, facts) : ofTheFarm(us, facts)),
    ...rawPapers(us, facts),
    ...ofShellfish(us, facts),
    ...ofItsKind(us, facts),
    ...ofItsForm(us, facts),
  ];
  const strip = ({ known: _known, ...fact }: Want): MissingFact => fact;
  const missing = wants.filter(({ known }) => !known).map(strip);
  return { wanted: wants.length, known: wants.length - missing.length, all: wants.map(strip), missing };
}

const itemsOf = (us: boolean) => (us ? GDST : EU_ITEMS);
const requiredInEu = (us: boolean): Want["weight"] => (us ? "wise" : "required");

function atTheDoor(us: boolean, { production, area, gear, source, caughtOn, provenance }: TraceFacts): Want[] {
  const [items, required] = [itemsOf(us), requiredInEu(us)];
  return [
    want("area", "Area", area !== "", "guests and inspectors ask where it swam", items, required),
    want(
      "gear",
      production === "wild" ? "Gear" : "How it was reared",
      gear !== "",
      "goes on the menu's small print",
      items,
      required,
    ),
    want("source", "Boat or farm", source !== "", "the first step back when something is wrong", GDST, "required"),
    want("date", "Catch or harvest date", caughtOn !== null, "the life left counts from it", GDST, "required"),
    want(
      "supplierLot",
      "Supplier’s lot number",
      has(provenance.supplierLot),
      "a recall names it",
      "Reg. (EU) 1379/2013 and 178/2002; US one-step-back records (memory, medium)",
      required,
    ),
  ];
}

function ofTheWild(us: boolean, { area, provenance }: TraceFacts): Want[] {
  const wants: Want[] = [];
  if (us || asksSubArea(area))
    wants.push(
      want(
        "subArea",
        "Sub-area or division",
        has(provenance.subArea),
        "area alone is too wide inside the north-east Atlantic and the Mediterranean; elsewhere the area is enough",
        itemsOf(us),
        requiredInEu(us),
      ),
    );
  wants.push(
    want("landingPlace", "Landing place", has(provenance.landingPlace), "links the boat to the market", GDST, "wise"),
  );
  wants.push(
    want(
      "byCatch",
      "Target or by-catch",
      provenance.byCatch !== undefined,
      "advice on sustainability turns on it",
      GDST,
      "wise",
    ),
  );
  return wants;
}

function ofTheFarm(us: boolean, { species, provenance }: TraceFacts): Want[] {
  if (!isFinfish(species.group)) return [];
  return [
    want(
      "rearing",
      "Net pen, land, or ranched",
      provenance.rearing !== undefined,
      "fish caught wild and fattened is not farmed fish to the parasite rule",
      us
        ? `${FOOD_CODE}, 3-402.11(B)(4) (memory, high)`
        : "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.3(d) (memory, high)",
      "wise",
    ),
    want(
      "feedStatement",
      us
        ? "Letter: formulated feed, no live parasites"
        : "Statement: from embryos, safe feed, safe waters or procedure",
      provenance.feedStatement !== undefined,
      "without it farmed fish served raw or under-cooked must be frozen",
      us
        ? `${FOOD_CODE}, 3-402.12(C) (memory, high)`
        : "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.3(d) (memory, high)",
      "wise",
    ),
  ];
}

function ofShellfish(us: boolean, { species, form, provenance }: TraceFacts): Want[] {
  if (species.group !== "bivalve" || (form !== "live" && form !== "shucked")) return [];
  const [why, rule] = us
    ? ["the tag stays with the sack, then 90 days in the book", US_TAG]
    : ["the label stays 60 days after the pack is split", EU_LABEL];
  return [
    want(
      "tag",
      us ? "Tag: dealer, certificate, harvest date" : "Label: dispatch centre, packing date",
      provenance.tag !== undefined,
      why,
      rule,
      "required",
    ),
    want(
      "waters",
      us ? "Dealer on the certified list" : "Class of the waters, or approved dispatch centre",
      provenance.dealerListed !== undefined || provenance.waterClass !== undefined,
      "raw bivalves ask it, a tag alone does not say it",
      us ? `${FOOD_CODE}, 3-201.15 (memory, high)` : "Reg. (EU) 2019/627, Art. 52-55 (memory, medium)",
      "wise",
    ),
  ];
}

/** What is asked of this species or its group alone. */
function ofItsKind(us: boolean, { species, provenance }: TraceFacts): Want[] {
  const wants: Want[] = [];
  if (carries(species, "ciguatera") === "yes")
    wants.push(
      want(
        "wholeKg",
        "The whole fish weighed, kg",
        provenance.wholeKg !== undefined,
        "ciguatera gathers in big reef fish: area and size are all that tells",
        `${HAZARDS_GUIDE}, ch. 6 (memory, medium)`,
        "wise",
      ),
    );
  if (species.tradePaper)
    wants.push(
      want(
        "catchDocument",
        species.tradePaper.label,
        has(provenance.catchDocument),
        species.tradePaper.why,
        species.tradePaper.source,
        "required",
      ),
    );
  if (us && TRACEABLE.includes(species.group))
    wants.push(
      want(
        "lotCode",
        "Traceability lot code",
        has(provenance.supplierLot) || provenance.tag !== undefined,
        "asked for in the US from 20 July 2028 (memory, medium), good practice until then",
        "FDA traceability rule for listed foods, 21 CFR 1 subpart S: finfish, crustaceans, bivalves (memory, medium)",
        "wise",
      ),
    );
  return wants;
}

function ofItsForm(us: boolean, { species, form, frozen, provenance }: TraceFacts): Want[] {
  const wants: Want[] = [];
  if (!us && form !== "live")
    wants.push(
      want(
        "defrosted",
        "Defrosted or not",
        frozen || provenance.defrosted !== undefined,
        "must stand beside the name when it was frozen before",
        EU_ITEMS,
        "required",
      ),
    );
  if (species.group === "crustacean")
    wants.push(
      want(
        "additives",
        "Sulphite dip",
        provenance.additives !== undefined,
        "sulphites are declared above 10 mg/kg",
        "Reg. (EU) 1169/2011, Annex II; US rule on sulphites (memory, high)",
        "required",
      ),
    );
  if (form === "smoked" || form === "picked" || form === "loose-eggs")
    wants.push(
      want(
        "useBy",
        "Date on the pack",
        has(provenance.useBy),
        "it governs however fresh it looks",
        `Reg. (EU) 1169/2011; ${FOOD_CODE}, 3-501.17 (memory, high)`,
        "required",
      ),
    );
  return wants;
}

/** Groups on the US list of traceable foods; fish of the smoked and the histamine kinds stand on it too (memory, medium). */
const TRACEABLE: readonly SpeciesGroup[] = [
  "lean-round",
  "flat",
  "salmonid",
  "oily-round",
  "large-pelagic",
  "crustacean",
  "bivalve",
];

/** Reg. (EU) 1379/2013, Art. 38: sub-area or division in FAO areas 27 and 37, the area alone elsewhere; unnamed areas are asked. */
const asksSubArea = (area: string): boolean => ["27", "37", null].includes(majorArea(area));

/** Papers that decide whether it may be served raw without a freezing hold; asked for only where raw use is likely. */
function rawPapers(us: boolean, { species, form, production, provenance }: TraceFacts): Want[] {
  const rule = us
    ? `${FOOD_CODE}, 3-402.11, 3-402.12 (memory, high)`
    : "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D (memory, high)";
  const likely = (species.rawUse === "usual" || species.rawUse === "seldom") && form !== "smoked";
  const wants: Want[] = [];
  if (likely && (isFinfish(species.group) || species.group === "cephalopod")) {
    const known = provenance.freezingStatement !== undefined;
    wants.push(
      want(
        "freezingStatement",
        "Supplier’s freezing statement",
        known,
        "with it no freezing hold of your own is needed for raw use",
        rule,
        "wise",
      ),
    );
    if (!us && production === "wild" && isFinfish(species.group)) {
      wants.push(
        want(
          "clearedGround",
          "Authorised ground",
          provenance.clearedGround !== undefined,
          "fish from it may be served raw unfrozen",
          rule,
          "wise",
        ),
      );
    }
  }
  if (species.group === "roe" && form !== "sacs")
    wants.push(
      want(
        "skein",
        "Out of the skein and rinsed",
        provenance.skein !== undefined,
        us
          ? "only rinsed eggs out of the skein are exempt from freezing"
          : "says what it is; the rule here exempts no roe",
        rule,
        "wise",
      ),
    );
  if (species.anatomy === "scallop" && form !== "live") {
    wants.push(
      want(
        "roeOn",
        "Roe on or muscle alone",
        provenance.roeOn !== undefined,
        "toxins gather in roe and gut; with roe it is shellfish that needs its tag",
        rule,
        "wise",
      ),
    );
  }
  return wants;
}

const has = (text: string | undefined) => text !== undefined && text.trim() !== "";

function want(
  id: string,
  label: string,
  known: boolean,
  why: string,
  source: string,
  weight: MissingFact["weight"],
): Want {
  return { id, label, known, why, source, weight };
}

/** The advice that fits a lot best: the more of production, area and gear it names, the better; newest first among equals. */
export function adviceFor<
  A extends {
    readonly speciesId: string;
    readonly production: string | null;
    readonly area: string;
    readonly gear: string;
    readonly issuedOn: string;
  },
>(
  advice: readonly A[],
  lot: { readonly speciesId: string; readonly production: string; readonly area: string; readonly gear: string },
): A | null {
  const fits = (wanted: string, actual: string) => wanted === "" || actual.toLowerCase().includes(wanted.toLowerCase());
  const closeness = ({ production, area, gear }: A) =>
    Number(production !== null) + Number(area !== "") + Number(gear !== "");
  const fitting = advice.filter(
    (entry) =>
      entry.speciesId === lot.speciesId &&
      (entry.production === null || entry.production === lot.production) &&
      fits(entry.area, lot.area) &&
      fits(entry.gear, lot.gear),
  );
  return fitting.sort((a, b) => closeness(b) - closeness(a) || b.issuedOn.localeCompare(a.issuedOn))[0] ?? null;
}
