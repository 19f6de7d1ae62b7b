import type { AdviceRating } from "@/core/trace";
import styles from "./AdviceTag.module.css";
import { t } from "@/words/ui";

const WORDS: Readonly<Record<AdviceRating, string>> = {
  best: t("best"),
  acceptable: t("acceptable"),
  avoid: t("avoid"),
};

/** Filled, half and empty wave: the rating by shape and word, never by colour alone. */
const FILL: Readonly<Record<AdviceRating, number>> = { best: 3, acceptable: 2, avoid: 0 };

type Props = { readonly rating: AdviceRating; readonly body: string; readonly issuedOn: string };

export function AdviceTag({ rating, body, issuedOn }: Props) {
  return (
    <p className={styles.advice} data-rating={rating}>
      <svg width="34" height="14" viewBox="0 0 34 14" aria-hidden="true">
        {[0, 1, 2].map((wave) => (
          <path
            key={wave}
            d={`M${1 + wave * 11} 11c3 0 3-8 5-8s2 8 5 8`}
            fill={wave < FILL[rating] ? "currentColor" : "none"}
            stroke="currentColor"
            strokeWidth="1.6"
          />
        ))}
      </svg>
      <b>{WORDS[rating]}</b>
      <span>
        {body}, {issuedOn}
      </span>
    </p>
  );
}
