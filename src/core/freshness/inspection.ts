import { sumOf } from "@/core/numeric";
import type { Form, Species } from "@/core/species";
import { LIVE_DEFAULT, LIVE_STORAGE, LIVE_STORAGE_OF_FAMILY, type LiveStorage } from "./data/liveStorage";
import { REJECTION_SHARE } from "./data/publishedSchemes";
import type { Attribute, Grade, Scheme } from "./attribute";
import { isCut } from "./scheme";

/** Grades given so far, by attribute id; an attribute that does not apply is left out. */
export type Grades = Readonly<Record<string, Grade | undefined>>;

export type FreshnessReading = {
  readonly points: number;
  readonly maximum: number;
  /** Points as a share of the maximum of the attributes graded, 0-1. */
  readonly share: number;
  readonly graded: number;
  /** Days on ice the points imply, with the spread of one reading. */
  readonly impliedIceDays: number;
  readonly spreadDays: number;
  /** The attributes that carry the verdict, worst first. */
  readonly deciding: readonly { readonly attribute: Attribute; readonly grade: Grade }[];
};

export const liveStorageOf = ({ family, anatomy }: Species): LiveStorage =>
  LIVE_STORAGE_OF_FAMILY[family ?? ""] ?? LIVE_STORAGE[anatomy] ?? LIVE_DEFAULT;

/**
 * Life from the knife, days at 0 °C. White fillet in air 6-9 (Bonilla et al. 2007 and others), salmonid fillet 6-8 (common practice),
 * tuna loin 4-6 (common practice), picked crab 4-6, shucked scallop and oyster 7-10 (common practice); all memory. Oily fillets: no
 * figure known, half the whole fish (cautious, ours). Smoked and cured: 10 from the plant, the date on the pack governs (ours).
 * Live animals: days alive in store, the cautious end of the custom.
 */
export function lifeOnIceDays(species: Species, form: Form): number {
  switch (form) {
    case "live":
      return liveStorageOf(species).lifeDays[0];
    case "smoked":
      return 10;
    case "cooked":
    case "picked":
      return 5;
    case "shucked":
      return Math.min(8, species.iceLifeDays + 3);
    case "tongues":
      return Math.min(3, species.iceLifeDays);
    default:
      break;
  }
  if (!isCut(form)) return species.iceLifeDays;
  switch (species.group) {
    case "large-pelagic":
      return 5;
    case "salmonid":
      return 7;
    case "oily-round":
      return species.iceLifeDays / 2;
    default:
      return Math.min(7.5, species.iceLifeDays);
  }
}

/** One reading of 3-5 fish is good to about 1-2 days (Larsen et al. 1992 and the 2001 manual; memory). */
const READING_SPREAD_DAYS = 1.5;

/**
 * Sums the grades. Points rise in a near straight line with days on ice, so the share of the maximum implies days:
 * days = share × life / 0.75. Origin of such schemes: Bremner 1985; Larsen et al. 1992 (memory).
 */
export function readFreshness(scheme: Scheme, grades: Grades, lifeDays: number): FreshnessReading {
  const graded = scheme.attributes.flatMap((attribute) => {
    const grade = grades[attribute.id];
    return grade === undefined ? [] : [{ attribute, grade }];
  });
  const points = sumOf(graded, ({ grade }) => grade);
  const maximum = graded.length * 3;
  const share = maximum === 0 ? 0 : points / maximum;
  const worst = graded.reduce((most, { grade }) => Math.max(most, grade), 0);
  return {
    points,
    maximum,
    share,
    graded: graded.length,
    impliedIceDays: Math.min((share * lifeDays) / REJECTION_SHARE, lifeDays / REJECTION_SHARE),
    spreadDays: READING_SPREAD_DAYS,
    deciding: graded
      .filter(({ grade }) => grade > 0 && grade === worst)
      .sort((a, b) => Number(b.attribute.decisive) - Number(a.attribute.decisive)),
  };
}
