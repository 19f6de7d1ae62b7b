"use client";
import { Button } from "antd";
import { formLabel } from "@/core/freshness";
import { HoldButton } from "@/ui/form/HoldButton";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/dock";
import { didNotCome } from "../actions";
import type { Expected } from "./expected";

type Props = { readonly expected: readonly Expected[]; readonly onCame: (order: Expected) => void };

/** What is expected today, van by van: one tap a line. */
export function ExpectedCard({ expected, onCame }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  if (expected.length === 0) return null;
  return (
    <section className={`${page.card} ${page.below}`} data-testid="expected">
      <h2>{t("expectedToday")}</h2>
      <ul className={page.rows}>
        {expected.map((order) => (
          <li key={order.id} className={page.row}>
            <span className={page.grow}>
              <span className={page.title}>{order.name}</span>
              <br />
              <span className={page.sub}>
                {t("orderedFrom", {
                  mass: format.mass(order.massG),
                  form: formLabel(order.form).toLowerCase(),
                  supplier: order.supplier,
                  every: String(order.everyWeek),
                })}
              </span>
            </span>
            <span className={page.line}>
              <HoldButton
                loading={busy}
                onConfirm={() => void act(didNotCome, { orderId: order.id }, () => t("itIsNoted"))}
              >
                {t("didNotCome")}
              </HoldButton>
              <Button type="primary" size="large" onClick={() => onCame(order)}>
                {t("itIsHere")}
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
