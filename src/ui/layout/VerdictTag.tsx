import type { DoorVerdict } from "@/core/freshness";
import styles from "./VerdictTag.module.css";
import { t } from "@/words/ui";

export const VERDICT_WORDS: Readonly<Record<DoorVerdict, string>> = {
  accept: t("accept"),
  "cook-only": t("forCookingOnly"),
  refuse: t("refuse"),
};

const PATHS: Readonly<Record<DoorVerdict, string>> = {
  accept: "M3 8.5l3.5 3.5L13 4.5",
  "cook-only": "M8 2c1 3 4 4 4 8a4 4 0 0 1-8 0c0-2 1-3 2-4 0 1 1 2 1 2 1-2 0-4 1-6z",
  refuse: "M3 8h10",
};

function Shape({ verdict }: { readonly verdict: DoorVerdict }) {
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      <path
        d={PATHS[verdict]}
        fill="none"
        stroke="currentColor"
        strokeWidth="2.2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** The shape alone, with the word for those who cannot see it: where the word would not fit. */
export function VerdictMark({ verdict }: { readonly verdict: DoorVerdict }) {
  return (
    <span className={styles.tag} data-verdict={verdict}>
      <Shape verdict={verdict} />
      <span className="visually-hidden">{VERDICT_WORDS[verdict]}: </span>
    </span>
  );
}

/** Colour, word and shape: a tick, a flame, a bar. */
export function VerdictTag({ verdict, large = false }: { readonly verdict: DoorVerdict; readonly large?: boolean }) {
  return (
    <span className={styles.tag} data-verdict={verdict} data-large={large || undefined}>
      <Shape verdict={verdict} />
      {VERDICT_WORDS[verdict]}
    </span>
  );
}
