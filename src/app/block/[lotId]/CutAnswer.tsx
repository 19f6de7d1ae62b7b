"use client";
import { Button } from "antd";
import type { panGroups, SidesPlan } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Cut.module.css";

type Props = {
  readonly plan: SidesPlan | null;
  readonly covers: number | null;
  readonly groups: ReturnType<typeof panGroups>;
  readonly centsPerPortion: number | null;
  readonly busy: boolean;
  readonly onAccept: () => void;
};

/** What the cut gives: portions, trim, what one costs, and which go into the pan first. */
export function CutAnswer({ plan, covers, groups, centsPerPortion, busy, onAccept }: Props) {
  const { format } = useHouse();
  const portions = plan?.portions ?? 0;
  return (
    <>
      <div className={styles.answer}>
        <p>
          <span className={page.big} data-testid="portions">
            {plan?.portions ?? 0}
          </span>{" "}
          portions
          {portions > 0 ? (
            <>
              {" "}
              of <b className="figure">{format.mass(plan?.meanG ?? 0)}</b>
              {plan && plan.spreadG >= 0.5 ? (
                <>
                  , <b className="figure">{format.mass(plan.spreadG)}</b> apart
                </>
              ) : null}
              {plan && plan.short > 0 ? (
                <b className={page.stop}>
                  , {plan.short} short of {covers}
                </b>
              ) : null}
            </>
          ) : null}
        </p>
        <p>
          trim{" "}
          <b className="figure" data-testid="trim">
            {format.mass(plan?.trimG ?? 0)}
          </b>
        </p>
        {centsPerPortion !== null ? (
          <p>
            <b className="figure">{format.money(centsPerPortion)}</b> a portion
          </p>
        ) : null}
        <Button type="primary" size="large" onClick={onAccept} loading={busy} disabled={!plan || plan.portions === 0}>
          Cut it so
        </Button>
      </div>
      {groups.length > 0 ? (
        <ul className={styles.groups} aria-label="Into the pan">
          {groups.map((group) => (
            <li key={group.label}>
              <b>{group.label}</b> <span className="figure">{group.pieces.length}</span> ×{" "}
              <span className="figure">
                {format.length(group.thinnestMm)}
                {Math.round(group.thinnestMm) === Math.round(group.thickestMm)
                  ? ""
                  : ` to ${format.length(group.thickestMm)}`}
              </span>
              {group.order > 0 ? (
                <span className="muted"> {Math.round(group.timeShare * 100)} % of the time</span>
              ) : null}
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}
