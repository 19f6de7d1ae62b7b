import { isFinfish, type Species, type SpeciesGroup } from "@/core/species";
import type { ParasiteFacts } from "../parasites";

export type ParasiteRuleId = "fda-2022" | "eu-853";

export type ParasiteOption = {
  readonly label: string;
  /** Lowest temperature the centre must have reached before time counts; null when the hold itself is the limit. */
  readonly firstReachC: number | null;
  readonly holdC: number;
  readonly hours: number;
  readonly section: string;
};

type Exemption = {
  readonly applies: (species: Species, facts: ParasiteFacts) => boolean;
  readonly because: string;
  readonly section: string;
};

export type ParasiteRule = {
  readonly edition: string;
  readonly options: readonly ParasiteOption[];
  readonly exemptions: readonly Exemption[];
  readonly coversFarmed: (group: SpeciesGroup) => boolean;
  readonly farmedSection: string;
  readonly statementSection: string;
  readonly groundsSection: string | null;
};

/** FDA Food Code 2022, 3-402.11(B)(3): these six and no other tuna. */
const TUNAS = ["alalunga", "albacares", "atlanticus", "maccoyii", "obesus", "thynnus"].map((name) => `Thunnus ${name}`);

const SCALLOPS = ["Pecten maximus", "Placopecten magellanicus"];

/** Every figure recalled, confidence high: US 3-402.11 and .12; EU Annex III, Sec. VIII, Ch. III part D as amended by Reg. (EU) 1276/2011. */
export const PARASITE_RULES: Readonly<Record<ParasiteRuleId, ParasiteRule>> = {
  "fda-2022": {
    edition: "FDA Food Code 2022, 3-402.11",
    options: [
      { label: "-20 C for 168 h", firstReachC: null, holdC: -20, hours: 168, section: "3-402.11(A)(1)" },
      { label: "-35 C for 15 h", firstReachC: -35, holdC: -35, hours: 15, section: "3-402.11(A)(2)" },
      {
        label: "-35 C until solid, then -20 C for 24 h",
        firstReachC: -35,
        holdC: -20,
        hours: 24,
        section: "3-402.11(A)(3)",
      },
    ],
    exemptions: [
      {
        applies: ({ scientificName }, { wholeOrRoeOn }) => SCALLOPS.includes(scientificName) && !wholeOrRoeOn,
        because: "scallop muscle alone, without roe and gut",
        section: "3-402.11(B)(2)",
      },
      {
        applies: ({ group, scientificName }) => group === "bivalve" && !SCALLOPS.includes(scientificName),
        because: "molluscan shellfish",
        section: "3-402.11(B)(1)",
      },
      {
        applies: ({ scientificName }) => TUNAS.includes(scientificName),
        because: "one of the six tunas named in the rule",
        section: "3-402.11(B)(3)",
      },
      {
        applies: ({ group }, { wholeOrRoeOn }) => group === "roe" && !wholeOrRoeOn,
        because: "eggs taken from the skein and rinsed",
        section: "3-402.11(B)(5)",
      },
    ],
    coversFarmed: () => true,
    farmedSection: "3-402.11(B)(4), 3-402.12(C)",
    statementSection: "3-402.12(B)",
    groundsSection: null,
  },
  "eu-853": {
    edition: "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D",
    options: [
      { label: "-20 C for 24 h", firstReachC: null, holdC: -20, hours: 24, section: "D.1(a)" },
      { label: "-35 C for 15 h", firstReachC: null, holdC: -35, hours: 15, section: "D.1(b)" },
    ],
    exemptions: [
      {
        applies: ({ group }) => !isFinfish(group) && group !== "cephalopod" && group !== "roe",
        because: "the rule speaks of finfish and cephalopods only",
        section: "part D, scope (memory, medium)",
      },
      {
        applies: ({ group }, { clearedGround, production }) =>
          production === "wild" && clearedGround && isFinfish(group),
        because: "a ground the authority has authorised",
        section: "D.3(c)",
      },
    ],
    coversFarmed: isFinfish,
    farmedSection: "D.3(d)",
    statementSection: "D.4",
    groundsSection: "D.3(c)",
  },
};

/** The parasite rule a house works under; the UK kept the EU text. */
export const parasiteRuleOf = (ruleSetId: "fda-2022" | "eu-853" | "uk-2013"): ParasiteRuleId =>
  ruleSetId === "fda-2022" ? "fda-2022" : "eu-853";
