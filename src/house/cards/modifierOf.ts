import type { Modifier } from "@/core/cards";
import { ALLERGEN_IDS } from "@/core/safety";

/** A wish as it stands in an address: "no-milk", "half". Null: none, or one that is not known. */
export function modifierOf(wish: string | undefined): Modifier | null {
  switch (wish) {
    case "sauce-apart":
    case "half":
    case "child":
    case "cooked-through":
      return { kind: wish };
    case undefined:
      return null;
    default: {
      if (wish.startsWith("without-")) return { kind: "without", what: wish.slice("without-".length) };

      const allergen = ALLERGEN_IDS.find((id) => wish === `no-${id}`);
      return allergen ? { kind: "free-of", allergen } : null;
    }
  }
}
