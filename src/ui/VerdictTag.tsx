import type { DoorVerdict } from "@/core/freshness";
import styles from "./VerdictTag.module.css";

export const VERDICT_WORDS: Readonly<Record<DoorVerdict, string>> = {
  accept: "Accept",
  "cook-only": "For cooking only",
  refuse: "Refuse",
};

/** Colour, word and shape: a tick, a flame, a bar. */
export function VerdictTag({ verdict, large = false }: { readonly verdict: DoorVerdict; readonly large?: boolean }) {
  const paths = {
    accept: "M3 8.5l3.5 3.5L13 4.5",
    "cook-only": "M8 2c1 3 4 4 4 8a4 4 0 0 1-8 0c0-2 1-3 2-4 0 1 1 2 1 2 1-2 0-4 1-6z",
    refuse: "M3 8h10",
  };
  return (
    <span className={styles.tag} data-verdict={verdict} data-large={large || undefined}>
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
        <path
          d={paths[verdict]}
          fill="none"
          stroke="currentColor"
          strokeWidth="2.2"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      </svg>
      {VERDICT_WORDS[verdict]}
    </span>
  );
}
