/** English of what core/cards says. */
export const cards = {
  named: "{name} ({latin})",
  underCooked:
    "served under-cooked in the middle: said on the menu and the ticket, not for guests who are pregnant, old, very young or ill; local rule decides",
  eggNotCooked: "egg that is not cooked through (under {to}): pasteurised yolk, or it is said",
  alcohol: "some {mass} of alcohol are left in it",
  bones: "served on the bone",
  shells: "served in the shell",
  skewers: "skewered: the skewer comes out before it goes",
  ciguatera: "from a kind that can carry ciguatera: its water is known, or it is not served",
  sauceBesideCrispSkin: "crisp skin: the sauce goes under or beside it, never on it",
  sauceIsApart: "sauce apart, in its own pot",
  halfPlate: "half of everything",
  childPlate: "a child's plate: three fifths, checked for bones",
  cookedThrough: "cooked through: no part under the rule's heat, so nothing need be said of it",
  rawIsNotCooked: "it is served raw: cooked it is another dish",
  without: "without {what}",
  thePieceHasIt: "{what} is {allergen} itself: another dish",
  oilForButter:
    "{sauce}: oil for butter and cream, whisked to order{state, select, unbound {; nothing binds it, so it is spooned at once} holds {; it holds {minutes} min in the bain} other {; it holds {minutes} min in the bain, the butter one {was}}}",
  noSauceForIt: "no {sauce}: it cannot be made without it",
  mediumSwap: "no {what} in the pan: oil in a clean pan",
  theMethodHasIt: "the way it is cooked brings {allergen}, and there is none without",
  leftOff: "{what} stays off",
  stillHasIt: "{what} may still bring {allergen}: it is not served so",
} as const;
