"use client";
import { HoldButton } from "@/ui/form/HoldButton";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";
import { stopOrder } from "../../dock/actions";

type Props = {
  readonly orders: readonly {
    readonly id: string;
    readonly name: string;
    readonly supplier: string;
    readonly massG: number;
    /** When it comes, in words. */
    readonly when: string;
  }[];
};

/** Orders that are still to come; one that is not wanted any more is ended. */
export function ToCome({ orders }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  if (orders.length === 0) return null;
  return (
    <section className={`${page.card} ${page.aboveMore}`} data-testid="to-come">
      <h2>{t("stillToCome")}</h2>
      <ul className={page.rows}>
        {orders.map(({ id, name, supplier, massG, when }) => (
          <li key={id} className={page.row}>
            <span className={page.grow}>
              <span className={page.title}>
                {name}, {format.mass(massG)}
              </span>
              <br />
              <span className={page.sub}>
                {supplier}, {when}
              </span>
            </span>
            <HoldButton
              loading={busy}
              onConfirm={() => void act(stopOrder, { orderId: id }, () => t("orderIsEnded", { name }))}
            >
              {t("endTheOrder")}
            </HoldButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
