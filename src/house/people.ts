/** What a person may do here: a chef what a cook may and what binds the house; an inspector reads the book and its proofs. */
export const ROLES = ["cook", "chef", "inspector"] as const;
export type Role = (typeof ROLES)[number];

/**
 * Who asks. A tablet is known and nobody has signed in on it; a screen only shows. `chefNow`: a chef's PIN was typed on it a moment ago,
 * by whoever is named `chef`.
 */
export type Asker =
  | { readonly kind: "nobody" }
  | { readonly kind: "screen" }
  | { readonly kind: "tablet"; readonly chefNow: boolean }
  | { readonly kind: "person"; readonly role: Role; readonly chefNow: boolean };

/**
 * What is asked for. `anyone`: what guards itself, by a key of its own or because it opens the door. `look`: a page of the work. `book`:
 * the book. `papers`: what is carried out of the house. `archive`: the whole of it. `sign`: who comes and goes on a
 * tablet that was let in. `tap`: a hand at a clock, which never waits for a name. `cook`: what is written
 * under a name. `chef`: what binds the house.
 */
export type Asks = "anyone" | "look" | "book" | "papers" | "archive" | "sign" | "tap" | "cook" | "chef";

/** `signIn`: a name first. `chefsPin`: a chef's PIN first. `no`: not for who asks, whatever is typed. */
export type Leave = "yes" | "signIn" | "chefsPin" | "no";

/** Whether this asker may do this. */
export function leaveFor(asker: Asker, asks: Asks): Leave {
  if (asks === "anyone") return "yes";
  if (asker.kind === "nobody") return "signIn";
  if (asker.kind === "screen") return asks === "look" ? "yes" : "no";
  if (asks === "sign") return "yes";
  const role = asker.kind === "person" ? asker.role : "none";
  if (role === "inspector") return asks === "book" || asks === "papers" ? "yes" : "no";
  switch (asks) {
    case "look":
    case "book":
    case "tap":
      return "yes";
    case "cook":
      return role === "none" ? "signIn" : "yes";
    case "papers":
    case "archive":
      return role === "chef" || asker.chefNow ? "yes" : "chefsPin";
    case "chef":
      return asker.chefNow ? "yes" : "chefsPin";
  }
}

/** Four to six digits: more than a guess, and typed with wet hands. */
export const PIN = /^\d{4,6}$/;
/** PINs that are the first ones tried. */
export const isEasyPin = (pin: string): boolean =>
  /^(\d)\1+$/.test(pin) || "01234567890".includes(pin) || "09876543210".includes(pin);

/** A pass phrase opens whatever happened to tablets and PINs: it has to be long. */
export const SHORTEST_PHRASE = 12;

/** So many wrong ones are forgiven as slips of a finger. */
const SLIPS = 3;
const LONGEST_WAIT_S = 60;
/** How long the next try waits after `wrong` wrong ones in a row, s: twice as long each time, and never so long that a service stops. */
export const waitAfterS = (wrong: number): number =>
  wrong <= SLIPS ? 0 : Math.min(LONGEST_WAIT_S, 2 ** (wrong - SLIPS));
