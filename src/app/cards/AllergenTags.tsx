import type { AllergenLine } from "@/core/cards";
import { t } from "@/words/cards";
import styles from "./Cards.module.css";

/** What a dish contains, may contain, and what is not known of it. */
export function AllergenTags({ lines }: { readonly lines: readonly AllergenLine[] }) {
  const unknown = lines.filter(({ state }) => state === "unknown");
  const known = lines.filter(({ state }) => state !== "unknown");
  return (
    <ul className={styles.allergens} aria-label={t("allergens")}>
      {known.map(({ id, word, state }) => (
        <li key={id} data-state={state}>
          {state === "may" ? t("mayContain", { word }) : word}
        </li>
      ))}
      {unknown.length > 0 ? (
        <li data-state="unknown" title={unknown.map(({ word }) => word).join(", ")}>
          {t("notKnown", { list: unknown.map(({ word }) => word).join(", "), count: unknown.length })}
        </li>
      ) : null}
      {lines.length === 0 ? <li data-state="free">{t("noneOfTheList")}</li> : null}
    </ul>
  );
}
