import type { LifeSegment } from "@/core/freshness";
import styles from "./IceBar.module.css";
import { t } from "@/words/ui";

/** Words on the ice itself, where the piece is wide enough for them. */
const SHORT: Record<LifeSegment["use"], string> = {
  gone: "",
  raw: t("raw"),
  cook: t("cook"),
  "cook-today": t("todayShort"),
  barred: t("pastItsDate"),
};
const WIDE_ENOUGH = 0.2;

const LABELS: Record<LifeSegment["use"], string> = {
  gone: t("gone"),
  raw: t("raw"),
  cook: t("anyCookedUse"),
  "cook-today": t("cookAtOnce"),
  barred: t("afterItsLastDayByRule"),
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
