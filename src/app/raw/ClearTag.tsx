import type { Clearance } from "@/core/raw";
import styles from "./Raw.module.css";
import { t } from "@/words/raw";

const WORDS: Readonly<Record<Clearance["answer"], string>> = {
  yes: t("meetsTheRule"),
  "not-yet": t("notYet"),
  no: t("notRaw"),
};
const MARKS: Readonly<Record<Clearance["answer"], string>> = {
  yes: "M4 12l5 5 11-11",
  "not-yet": "M12 5v8l5 3",
  no: "M6 6l12 12M18 6L6 18",
};

export function ClearTag({ answer }: { readonly answer: Clearance["answer"] }) {
  return (
    <span className={styles.tag} data-answer={answer}>
      <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
        <path
          d={MARKS[answer]}
          fill="none"
          stroke="currentColor"
          strokeWidth="3"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      </svg>
      {WORDS[answer]}
    </span>
  );
}
