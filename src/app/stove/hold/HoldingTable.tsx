"use client";
import { Button } from "antd";
import { SERVED_FROM_C, outcomeLabel, type Holding } from "@/core/cooking";
import { RULE_SETS, RULINGS, cite, type RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";
import { durationText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";

type Props = {
  readonly holdings: readonly Holding[];
  readonly working: boolean;
  readonly ruleSetId: RuleSetId;
  readonly group: Species["donenessGroup"];
  readonly fromC: number;
  readonly onStart: (way: Holding["way"]) => void;
};

const minutesText = (minutes: number | null, never: string) => (minutes === null ? never : durationText(minutes * 60));

/** Every warm place of the house: how long it keeps the dish as cooked, and how long the rule lets it. */
export function HoldingTable({ holdings, working, ruleSetId, group, fromC, onStart }: Props) {
  const { format } = useHouse();
  const { minC, source, belowMin, belowSource } = RULE_SETS[ruleSetId].hotHold;
  return (
    <section className={page.card} aria-busy={working} data-testid="holding">
      <h2>Where it waits</h2>
      <table className={`${styles.compare} ${styles.ways}`}>
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">Good for</th>
            <th scope="col">Above {format.temperature(minC)}</th>
            <th scope="col">Out after</th>
            <th scope="col">Centre at 30 min</th>
            <th scope="col">Dries by</th>
            <th scope="col">
              <span className="visually-hidden">Start</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {holdings.map((holding) => {
            const { way, trace, hotUntilMin, outAfterMin, asCookedMin, ends, lossIn30Pct } = holding;
            return (
              <tr key={way.id} data-way={way.id}>
                <th scope="row">
                  {way.label}
                  <br />
                  <span className={page.sub}>{way.note}</span>
                </th>
                <td>
                  <b className="figure">{minutesText(asCookedMin, "4 h and more")}</b>
                  {ends === null ? null : (
                    <>
                      <br />
                      <span className={page.sub}>
                        then {ends === "cold" ? "too cool" : outcomeLabel(ends, group).toLowerCase()}
                      </span>
                    </>
                  )}
                </td>
                <td className="figure">
                  {hotUntilMin === 0 ? "not at all" : minutesText(hotUntilMin, "4 h and more")}
                </td>
                <td className="figure">{minutesText(outAfterMin, "no limit")}</td>
                <td className="figure">{format.temperature(trace[30]?.[2] ?? fromC)}</td>
                <td className="figure">{lossIn30Pct.toFixed(0)} %</td>
                <td>
                  <Button onClick={() => onStart(way)} aria-label={`Start the clock: ${way.label.toLowerCase()}`}>
                    Start
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <details className={page.open}>
        <summary>Where it comes from</summary>
        <p>
          Kept hot at {format.temperature(minC)} or above: {source}. Below it at most {durationText(belowMin * 60)},
          minutes warm before counted in, then eaten or thrown away: {belowSource}. The same flesh, faces and
          evaporation as the stove: a wet face in dry air cools to its wet bulb however warm the cabinet is set. Good
          for: until the centre has gone on to the next doneness, or is under {format.temperature(SERVED_FROM_C)}{" "}
          (common practice). Dries by: cook loss and water given to the air in half an hour. Heated again:{" "}
          {cite(RULINGS[ruleSetId].reheat)}. Fish cooked under the rule is for serving at once; the local authority
          decides.
        </p>
      </details>
    </section>
  );
}
