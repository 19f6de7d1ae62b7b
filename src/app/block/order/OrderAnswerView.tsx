"use client";
import { Alert } from "antd";
import type { OrderAnswer } from "@/core/block";
import { percentText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Order.module.css";

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
          <span className={page.big}>{format.mass(buyG)}</span> for {order.portions} portions
          {animals ? (
            <>
              : <b className="figure">{animals.sure}</b> of {format.mass(animalG ?? 0)}
            </>
          ) : null}
        </p>
        <p>Enough on 19 of 20 days.</p>
        <dl className={`${page.facts} ${page.aboveMore}`}>
          <dt>At the usual yield</dt>
          <dd>
            {format.mass(order.usualG)}, enough on {Math.round(order.usualChance * 20)} of 20 days
          </dd>
          <dt>Yield</dt>
          <dd>
            {percentText(ready.share)} ready to cut, give or take {(2 * ready.spread * 100).toFixed(1)}
            {ready.times > 0 ? `; house figures over ${ready.times}` : ""}
          </dd>
          {animals ? (
            <>
              <dt>By the knife</dt>
              <dd>
                {animals.portionsPerAnimal} portions each, {format.mass(animals.tailsG)} of tails over{" "}
                {animals.byCutting}; by weight alone {animals.byWeight}
              </dd>
            </>
          ) : null}
          <dt>On ice</dt>
          <dd>{format.mass(onIceG)} ready to cut, counted</dd>
        </dl>
        {animals?.lighter ? (
          <p className={page.above}>
            At {format.mass(animals.lighter.portionG)} a portion {animals.lighter.animals} would do: one more from every
            side.
          </p>
        ) : null}
        {order.warnings.map((warning) => (
          <Alert key={warning} type="warning" showIcon title={warning} className={page.above ?? ""} />
        ))}
      </section>
      {animals ? (
        <section className={page.card}>
          <h2>How sure</h2>
          <ul className={styles.chances}>
            {animals.chances.slice(-6).map(({ animals: count, chance }) => (
              <li key={count}>
                <span className="figure">{count}</span>
                <span className={styles.bar}>
                  <i style={{ width: `${chance * 100}%` }} />
                </span>
                <span className="figure">{Math.floor(chance * 20 + 1e-9)} of 20 days</span>
              </li>
            ))}
          </ul>
          <p className={page.source}>
            Yield varies from delivery to delivery, fish in a box differ by 6 %; each side gives whole portions only.
          </p>
        </section>
      ) : null}
      {cost ? (
        <section className={page.card}>
          <h2>What it costs</h2>
          <dl className={page.facts}>
            <dt>Bill</dt>
            <dd>{format.money(billCents)}</dd>
            <dt>A ready kilo</dt>
            <dd>{format.money(cost.centsPerReadyKg)}</dd>
            <dt>A portion</dt>
            <dd>
              <b>{format.money(cost.centsPerPortionWithCredit)}</b> with {format.money(cost.creditCents)} given back by
              bones and trim; {format.money(cost.centsPerPortion)} without
            </dd>
            <dt>Thrown away</dt>
            <dd>{format.mass(wasteG)}: guts, loss and what nobody uses</dd>
          </dl>
          <p className={page.source}>
            Bones 0.80, trim for cakes 5.00 a kilo in the usual example (common practice, low). Yield: {ready.source}.
          </p>
        </section>
      ) : null}
    </>
  );
}
