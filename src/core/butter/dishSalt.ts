import { saltSum, type SaltedPart, type SaltSum } from "./salt";

/** What a part of a dish should taste of, per cent by mass (common practice, medium). */
export const SALT_BANDS = {
  fish: { fromPct: 0.5, toPct: 0.8 },
  sauce: { fromPct: 0.8, toPct: 1.1 },
} as const;
export type SaltRole = keyof typeof SALT_BANDS | "garnish";

export type DishPart = SaltedPart & {
  readonly role: SaltRole;
  readonly name: string;
  /** Mass once it is reduced or cooked down; the salt stays. */
  readonly reducedToG: number | null;
};

export type DishPartSalt = {
  readonly role: SaltRole;
  readonly name: string;
  /** Per cent as it is served. */
  readonly saltPct: number;
  /** A garnish is salted to taste: what it brings is counted. */
  readonly verdict: "flat" | "right" | "salty" | "to-taste";
  readonly saltG: number;
  /** Salt to add for the middle of its band, as it is served, g. */
  readonly addG: number;
  /** Unsalted food or liquid that brings it down to the top of its band, g. */
  readonly diluteG: number;
};

export type DishSalt = { readonly parts: readonly DishPartSalt[]; readonly whole: SaltSum };

/** Salt part by part, as each is served; the sum is only for the label. Everything salty counts where it stands. */
export function dishSalt(parts: readonly DishPart[]): DishSalt {
  const served = parts.map((part) => servedPart(part));
  const answers = served.map(({ massG, saltPct }, index) => {
    const { role, name } = parts[index]!;
    const said = { role, name, saltPct, saltG: (massG * saltPct) / 100 };
    if (role === "garnish") return { ...said, verdict: "to-taste" as const, addG: 0, diluteG: 0 };
    const { fromPct, toPct } = SALT_BANDS[role];
    const verdict = saltPct < fromPct ? ("flat" as const) : saltPct > toPct ? ("salty" as const) : ("right" as const);
    const { addG } = saltSum([{ massG, saltPct }], (fromPct + toPct) / 2);
    const { diluteG } = saltSum([{ massG, saltPct }], toPct);
    return { ...said, verdict, addG: verdict === "flat" ? addG : 0, diluteG };
  });
  return { parts: answers, whole: saltSum(served, 1) };
}

function servedPart({ massG, saltPct, reducedToG }: DishPart): SaltedPart {
  if (reducedToG === null || reducedToG <= 0 || reducedToG >= massG) return { massG, saltPct };
  return { massG: reducedToG, saltPct: (massG * saltPct) / reducedToG };
}
