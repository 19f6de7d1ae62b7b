import type { Route } from "next";
import Link from "next/link";
import { allergenLines, type Component, type ComponentRole, type ComponentSpot, type Origin } from "@/core/cards";
import type { RuleSetId } from "@/core/safety";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import type { Format } from "@/words/format/format";
import styles from "../Cards.module.css";

type Props = { readonly components: readonly Component[]; readonly format: Format; readonly ruleSetId: RuleSetId };

const ROLES: Readonly<Record<ComponentRole, string>> = {
  piece: t("piece"),
  medium: t("medium"),
  sauce: t("sauce"),
  garnish: t("garnish"),
  finish: t("finish"),
};

const SPOTS: Readonly<Record<ComponentSpot, string>> = {
  burner: t("onABurner"),
  oven: t("inTheOven"),
  salamander: t("underTheSalamander"),
  fryer: t("inTheFryer"),
  bath: t("inTheBath"),
  bain: t("inTheBain"),
};

/** Said from a per cent of what goes in: less is within the scales. */
const LOSS_SAID_FROM = 0.02;

/** Where a figure comes from, to open it. */
function hrefOf(from: Origin): string | null {
  switch (from.kind) {
    case "lot":
      return from.lotId.startsWith("batch:") ? `/stove/${from.lotId.slice(6)}` : `/ice/${from.lotId}`;
    case "species":
      return "/dock/species";
    case "method":
      return "/stove/try";
    case "sauce":
      return `/butter/sauce/${from.specId}`;
    case "preparation":
      return "/butter/shelf";
    case "good":
      return from.ingredientId.startsWith("own-") ? "/butter/goods" : null;
  }
}

/** Every part of the dish with its grams, its cents and what it brings; each opens to where it comes from. */
export function ComponentTable({ components, format, ruleSetId }: Props) {
  return (
    <section className={page.card} data-testid="components">
      <h2>{t("forOneCover")}</h2>
      <div className={styles.scroll}>
        <table className={styles.lines}>
          <thead>
            <tr>
              <th scope="col">{t("part")}</th>
              <th scope="col">{t("brings")}</th>
              <th scope="col" className={styles.figures}>
                {t("grams")}
              </th>
              <th scope="col" className={styles.figures}>
                {t("cost")}
              </th>
            </tr>
          </thead>
          <tbody>
            {components.map((component, index) => {
              const { role, label, massG, cents, allergens, from, work, takesG = massG, draws = [] } = component;
              const { spots = [], who } = component;
              const href = hrefOf(from);
              const lines = allergenLines(allergens, ruleSetId);
              return (
                <tr key={`${role}${label}${index}`}>
                  <td>
                    {href === null ? label : <Link href={href as Route}>{label}</Link>}
                    <br />
                    <span className={page.sub}>
                      {ROLES[role]}
                      {from.kind === "lot" ? ` ${from.code}` : ""}
                      {work
                        ? t("madeAhead", {
                            lead: work.leadMin,
                            hands: work.handsMin,
                            waits: work.waits ? "yes" : "no",
                          })
                        : ""}
                      {spots.length > 0 ? `, ${spots.map((spot) => SPOTS[spot]).join(", ")}` : ""}
                      {who === undefined ? null : (
                        <>
                          , <b>{who}</b>
                        </>
                      )}
                      {draws.map((draw) => (
                        <span key={draw.ingredientId} className={styles.draw}>
                          <Link href="/butter/stock">
                            {t("draws", { stock: draw.label, mass: format.pinch(draw.massG) })}
                          </Link>
                        </span>
                      ))}
                    </span>
                  </td>
                  <td>
                    {lines
                      .filter(({ state }) => state !== "unknown")
                      .map(({ word, state }) => (state === "may" ? t("mayContain", { word }) : word))
                      .join(", ")}
                    {lines.some(({ state }) => state === "unknown") ? (
                      <span className={page.sub}> {t("restNotKnown")}</span>
                    ) : null}
                  </td>
                  <td className={styles.figures}>
                    {massG > 0 ? format.pinch(massG) : "–"}
                    {takesG * (1 - LOSS_SAID_FROM) > massG && massG > 0 ? (
                      <span className={styles.takes}>{t("takes", { mass: format.pinch(takesG) })}</span>
                    ) : null}
                  </td>
                  <td className={styles.figures}>{cents === null ? t("noPrice") : format.money(Math.round(cents))}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
