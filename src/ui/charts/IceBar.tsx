import type { LifeSegment } from "@/core/freshness";
import styles from "./IceBar.module.css";

/** Words on the ice itself, where the piece is wide enough for them. */
const SHORT: Record<LifeSegment["use"], string> = {
  gone: "",
  raw: "raw",
  cook: "cook",
  "cook-today": "today",
  barred: "past its date",
};
const WIDE_ENOUGH = 0.2;

const LABELS: Record<LifeSegment["use"], string> = {
  gone: "gone",
  raw: "raw",
  cook: "any cooked use",
  "cook-today": "cook at once",
  barred: "after its last day by rule or label",
};

/** A lot's life as a block of ice that melts from the left; what is left is marked by the use it is good for, in words and shape. */
export function IceBar({ segments, text }: { readonly segments: readonly LifeSegment[]; readonly text: string }) {
  const spoken = segments.map(({ use, share }) => `${Math.round(share * 100)} % ${LABELS[use]}`).join(", ");
  return (
    <div className={styles.bar} role="img" aria-label={`${text}: ${spoken}`}>
      {segments.map(({ use, share }) => (
        <span key={use} className={styles[use]} style={{ flexGrow: share }}>
          {share < WIDE_ENOUGH ? null : SHORT[use]}
        </span>
      ))}
    </div>
  );
}
