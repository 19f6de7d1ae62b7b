import type { CardMoney, Cost } from "@/core/cards";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import type { Format } from "@/words/format/format";

type Props = {
  readonly cost: Cost;
  readonly priceCents: number | null;
  readonly money: CardMoney;
  readonly format: Format;
};

/** What a cover costs, low and high, and its share of the price net of tax. */
export function CostCard({ cost, priceCents, money, format }: Props) {
  const { lowCents, highCents, unpriced, pctOfNet, netPriceCents, overTarget } = cost;
  const cents = (value: number) => format.money(Math.round(value));
  return (
    <section className={page.card} data-testid="cost">
      <h2>{t("cost")}</h2>
      {highCents === null || lowCents === null ? (
        <p className={page.stop}>{t("noPriceFor", { list: unpriced.join(", ") })}</p>
      ) : (
        <p className={page.big}>
          {Math.round(lowCents) === Math.round(highCents)
            ? cents(highCents)
            : t("fromTo", { low: cents(lowCents), high: cents(highCents) })}
        </p>
      )}
      {pctOfNet === null || netPriceCents === null || priceCents === null ? (
        <p className={page.sub}>{priceCents === null ? t("noPriceOnIt") : null}</p>
      ) : (
        <p className={overTarget ? page.stop : undefined}>
          {t("shareOfNet", {
            pct: format.number(pctOfNet, 1),
            net: cents(netPriceCents),
            price: cents(priceCents),
            vat: money.vatPct,
            target: money.targetPct,
            over: overTarget ? "yes" : "no",
          })}
        </p>
      )}
      <p className={page.sub}>{t("extrasCounted", { extra: cents(money.extraCents) })}</p>
    </section>
  );
}
