"use client";
import { Alert } from "antd";
import { keyOfSaid } from "@/core/shared";
import type { OrderAnswer } from "@/core/block";
import { percentText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Order.module.css";
import { t } from "@/words/block";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

type Props = { readonly answer: OrderAnswer; readonly animalG: number | null; readonly onIceG: number };

/** How much to order, how sure that is, what it costs. */
export function OrderAnswerView({ answer, animalG, onIceG }: Props) {
  const { format } = useHouse();
  const { order, ready, buyG, billCents, cost, wasteG } = answer;
  const { animals } = order;
  return (
    <>
      <section className={page.card} data-testid="order">
        <p>
          {t.rich("buyForPortionsPortions", {
            buy: format.mass(buyG),
            span: (words) => <span className={page.big}>{words}</span>,
            portions: order.portions,
          })}
          {animals ? (
            <>
              {t.rich("sureOfAnimal", {
                sure: animals.sure,
                b: (words) => <b className="figure">{words}</b>,
                animal: format.mass(animalG ?? 0),
              })}
            </>
          ) : null}
        </p>
        <p>{t("enoughOn19Of20Days")}</p>
        <dl className={`${page.facts} ${page.aboveMore}`}>
          <dt>{t("atTheUsualYield")}</dt>
          <dd>
            {t("usualEnoughOnUsualChanceOf20", {
              usual: format.mass(order.usualG),
              usualChance: Math.round(order.usualChance * 20),
            })}
          </dd>
          <dt>{t("yield")}</dt>
          <dd>
            {t("shareReadyToCutGiveOr", {
              share: percentText(ready.share),
              spread: format.number(2 * ready.spread * 100, 1),
              value: ready.times > 0 ? t("houseFiguresOverTimes", { times: ready.times }) : "",
            })}
          </dd>
          {animals ? (
            <>
              <dt>{t("byTheKnife")}</dt>
              <dd>
                {t("portionsPerAnimalPortionsEachTails", {
                  portionsPerAnimal: animals.portionsPerAnimal,
                  tails: format.mass(animals.tailsG),
                  byCutting: animals.byCutting,
                  byWeight: animals.byWeight,
                })}
              </dd>
            </>
          ) : null}
          <dt>{t("onIce")}</dt>
          <dd>{t("onIceReadyToCutCounted", { onIce: format.mass(onIceG) })}</dd>
        </dl>
        {animals?.lighter ? (
          <p className={page.above}>
            {t("atPortionAPortionAnimalsWould", {
              portion: format.mass(animals.lighter.portionG),
              animals: animals.lighter.animals,
            })}
          </p>
        ) : null}
        {order.warnings.map((warning) => (
          <Alert
            key={keyOfSaid(warning)}
            type="warning"
            showIcon
            title={say(warning, format)}
            className={page.above ?? ""}
          />
        ))}
      </section>
      {animals ? (
        <section className={page.card}>
          <h2>{t("howSure")}</h2>
          <ul className={styles.chances}>
            {animals.chances.slice(-6).map(({ animals: count, chance }) => (
              <li key={count}>
                <span className="figure">{count}</span>
                <span className={styles.bar}>
                  <i style={{ width: `${chance * 100}%` }} />
                </span>
                <span className="figure">{t("chanceOf20Days", { chance: Math.floor(chance * 20 + 1e-9) })}</span>
              </li>
            ))}
          </ul>
          <Source>{t("yieldVariesFromDeliveryToDelivery")}</Source>
        </section>
      ) : null}
      {cost ? (
        <section className={page.card}>
          <h2>{t("whatItCosts")}</h2>
          <dl className={page.facts}>
            <dt>{t("bill")}</dt>
            <dd>{format.money(billCents)}</dd>
            <dt>{t("aReadyKilo")}</dt>
            <dd>{format.money(cost.centsPerReadyKg)}</dd>
            <dt>{t("aPortion")}</dt>
            <dd>
              {t.rich("centsPerPortionWithCreditWithCreditCents", {
                centsPerPortionWithCredit: format.money(cost.centsPerPortionWithCredit),
                b: (words) => <b>{words}</b>,
                creditCents: format.money(cost.creditCents),
                centsPerPortion: format.money(cost.centsPerPortion),
              })}
            </dd>
            <dt>{t("thrownAway")}</dt>
            <dd>{t("wasteGutsLossAndWhatNobody", { waste: format.mass(wasteG) })}</dd>
          </dl>
          <Source>{t("bones080TrimForCakes", { source: ready.source })}</Source>
        </section>
      ) : null}
    </>
  );
}
