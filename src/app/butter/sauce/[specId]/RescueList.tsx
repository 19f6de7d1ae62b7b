"use client";
import { Button } from "antd";
import type { Rescue } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { say } from "@/words/say";
import { additionLabel } from "../../labels";

type Props = {
  readonly rescues: readonly Rescue[];
  readonly taken: Rescue | null;
  readonly onTake: (rescue: Rescue | null) => void;
};

/** The ways out, best first; one tap shows the sauce after it. */
export function RescueList({ rescues, taken, onTake }: Props) {
  const { format } = useHouse();
  if (taken) {
    return (
      <p data-testid="rescued">
        {t("shownAfterTheRescue")} <Button onClick={() => onTake(null)}>{t("asItWas")}</Button>
      </p>
    );
  }
  if (rescues.length === 0) return null;
  return (
    <ul className={page.rows} data-testid="rescue">
      {rescues.map((rescue, index) => (
        <li key={"add" in rescue ? rescue.add : "heat"}>
          <div className={page.row}>
            <span className={page.grow}>
              {"add" in rescue
                ? t("whiskIn", {
                    mass: format.mass(rescue.massG),
                    what: additionLabel(rescue.add),
                    why: say(rescue.why, format),
                  })
                : t("bringTo", { heat: format.temperature(rescue.bringToC), why: say(rescue.why, format) })}
            </span>
            <Button type={index === 0 ? "primary" : "default"} onClick={() => onTake(rescue)}>
              {t("showMe")}
            </Button>
          </div>
        </li>
      ))}
    </ul>
  );
}
