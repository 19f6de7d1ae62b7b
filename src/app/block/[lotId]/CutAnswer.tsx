"use client";
import { Button } from "antd";
import type { panGroups, SidesPlan } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Cut.module.css";
import { t } from "@/words/block";

type Props = {
  readonly plan: SidesPlan | null;
  readonly covers: number | null;
  /** What stays of the sides, g. */
  readonly restG: number;
  readonly groups: ReturnType<typeof panGroups>;
  readonly centsPerPortion: number | null;
  readonly busy: boolean;
  readonly onAccept: () => void;
};

/** What the cut gives: portions, trim, what one costs, and which go into the pan first. */
export function CutAnswer({ plan, covers, restG, groups, centsPerPortion, busy, onAccept }: Props) {
  const { format } = useHouse();
  const portions = plan?.portions ?? 0;
  return (
    <>
      <div className={styles.answer}>
        <p>
          {t.rich("portionsPortions", {
            portions: plan?.portions ?? 0,
            span: (words) => (
              <span className={page.big} data-testid="portions">
                {words}
              </span>
            ),
          })}
          {portions > 0 ? (
            <>
              {" "}
              {t.rich("ofMean", {
                mean: format.mass(plan?.meanG ?? 0),
                b: (words) => <b className="figure">{words}</b>,
              })}
              {plan && plan.spreadG >= 0.5 ? (
                <>
                  {t.rich("spreadApart", {
                    spread: format.mass(plan.spreadG),
                    b: (words) => <b className="figure">{words}</b>,
                  })}
                </>
              ) : null}
              {plan && plan.short > 0 ? (
                <b className={page.stop}>
                  {t("shortShortOf", { short: plan.short })} {covers}
                </b>
              ) : null}
            </>
          ) : null}
        </p>
        <p>
          {t.rich("trimTrim", {
            trim: format.mass((plan?.trimG ?? 0) - restG),
            b: (words) => (
              <b className="figure" data-testid="trim">
                {words}
              </b>
            ),
          })}
        </p>
        {restG > 0 ? (
          <p data-testid="rest">
            {t.rich("restStaysASide", { rest: format.mass(restG), b: (words) => <b className="figure">{words}</b> })}
          </p>
        ) : null}
        {centsPerPortion !== null ? (
          <p>
            {t.rich("centsPerPortionAPortion", {
              centsPerPortion: format.money(centsPerPortion),
              b: (words) => <b className="figure">{words}</b>,
            })}
          </p>
        ) : null}
        <Button type="primary" size="large" onClick={onAccept} loading={busy} disabled={!plan || plan.portions === 0}>
          {t("cutItSo")}
        </Button>
      </div>
      {groups.length > 0 ? (
        <ul className={styles.groups} aria-label={t("intoThePan")}>
          {groups.map((group) => (
            <li key={group.label}>
              <b>{group.label}</b> <span className="figure">{group.pieces.length}</span> ×{" "}
              <span className="figure">
                {format.length(group.thinnestMm)}
                {Math.round(group.thinnestMm) === Math.round(group.thickestMm)
                  ? ""
                  : t("toThickest", { thickest: format.length(group.thickestMm) })}
              </span>
              {group.order > 0 ? (
                <span className="muted">
                  {" "}
                  {t("timeShareOfTheTime", { timeShare: Math.round(group.timeShare * 100) })}
                </span>
              ) : null}
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}
