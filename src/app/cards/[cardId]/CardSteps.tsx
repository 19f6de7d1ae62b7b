import type { CookPlan } from "@/core/cooking";
import type { Said } from "@/core/shared";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { clockText, durationText, type Format } from "@/words/format/format";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import styles from "../Cards.module.css";

type Props = {
  /** Null: it is served raw, or its fish is not known. */
  readonly plan: CookPlan | null;
  /** Why the stove has no plan for it. */
  readonly why: Said | null;
  readonly plateSeconds: number;
  readonly format: Format;
};

/** The stove's own plan of this piece: cue, clock and probe, then plating. */
export function CardSteps({ plan, why, plateSeconds, format }: Props) {
  if (!plan && !why) return null;
  return (
    <section className={page.card} data-testid="steps">
      <h2>{t("fromThePanToThePlate")}</h2>
      {why ? <p className={page.stop}>{`${sentence(say(why, format)).replace(/\.$/, "")}.`}</p> : null}
      {plan ? (
        <table className={styles.lines}>
          <tbody>
            {plan.stages.map(({ id, name, cue, seconds, probeC }, index) => (
              <tr key={`${id}${index}`}>
                <th scope="row">{name}</th>
                <td>{say(cue, format)}</td>
                <td className={styles.figures}>{format.temperature(probeC)}</td>
                <td className={styles.figures}>{clockText(seconds)}</td>
              </tr>
            ))}
            <tr>
              <th scope="row">{t("plate")}</th>
              <td />
              <td />
              <td className={styles.figures}>{durationText(plateSeconds)}</td>
            </tr>
          </tbody>
        </table>
      ) : null}
    </section>
  );
}
