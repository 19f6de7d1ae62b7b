export type Grade = 0 | 1 | 2 | 3;

export type Attribute = {
  readonly id: string;
  readonly label: string;
  /** Smell, gill, a blown pack and the like decide alone: a 3 there refuses the lot whatever the sum. */
  readonly decisive: boolean;
  /** Decides, but is looked at later than the door (a thawed piece). */
  readonly later?: boolean;
  /** Own plain words for grades 0 (as caught), 1, 2 and 3 (reject). */
  readonly words: readonly [string, string, string, string];
};

export type Scheme = { readonly id: SchemeId; readonly label: string; readonly attributes: readonly Attribute[] };

export type SchemeId =
  | "whole-round"
  | "flatfish"
  | "salmonid"
  | "fillet"
  | "tuna-loin"
  | "live-crustacean"
  | "raw-shrimp"
  | "cooked-crustacean"
  | "live-bivalve"
  | "shucked-bivalve"
  | "cephalopod"
  | "roe"
  | "urchin"
  | "sea-cucumber"
  | "snail"
  | "frozen"
  | "smoked";
