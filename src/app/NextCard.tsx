import type { Route } from "next";
import { inSentence } from "@/core/species";
import Link from "next/link";
import type { NextAction } from "@/core/line";
import { assertNever } from "@/core/shared";
import { clockText, lifeText, type Format } from "@/ui/format/format";
import styles from "./NextCard.module.css";

type Words = { readonly headline: string; readonly why: string; readonly href: string; readonly act: string };

function wordsFor(action: NextAction, format: Format): Words {
  switch (action.kind) {
    case "stage-due": {
      const { id, title, stage } = action.cook;
      return {
        headline: `${title}: ${stage.toLowerCase()} is due`,
        why: "The clock has run out.",
        href: `/stove/cook/${id}`,
        act: "To the pan",
      };
    }
    case "watch-cook": {
      const { id, title, stage, remainingS } = action.cook;
      return {
        headline: `${title} is in the pan`,
        why: `${stage}, ${clockText(remainingS)} to go.`,
        href: `/stove/cook/${id}`,
        act: "To the pan",
      };
    }
    case "hot-due": {
      const { title, over } = action.hot;
      return {
        headline: over ? `${title}: its time is up` : `Probe the ${inSentence(title)}`,
        why: over ? "Below hot holding for as long as the rule allows." : "It waits hot, and its last reading is old.",
        href: "/stove/hold",
        act: "To the hold",
      };
    }
    case "warm-place": {
      const { placeId, name, celsius, limitC } = action.place;
      return {
        headline: `${name} is out of its limits`,
        why: `${format.temperature(celsius, 1)}, limit ${format.temperature(limitC, 0)}: see what lay there and what to do.`,
        href: `/ice/places/${placeId}`,
        act: "Look at it",
      };
    }
    case "hold-due": {
      const { lotId, title, needs } = action.hold;
      return {
        headline: title,
        why: format.words(`${needs[0]?.toUpperCase()}${needs.slice(1)}.`),
        href: `/ice/${lotId}`,
        act: "To the hold",
      };
    }
    case "clear-lot": {
      const { id, title, massG, life } = action.lot;
      // what lives is looked at one by one, not written off by the calendar
      const alive = life.state === "live";
      return {
        headline: alive ? `Look through the ${inSentence(title)}` : `Take the ${inSentence(title)} off the ice`,
        why: alive
          ? `${format.mass(massG)} is past its days alive: cook the lively ones now, throw out the others.`
          : `${format.mass(massG)} is past its life in the cold room.`,
        href: `/ice/${id}`,
        act: "Look at the lot",
      };
    }
    case "use-lot": {
      const { id, title, massG, life, cuttable } = action.lot;
      const how =
        life.state === "live"
          ? "alive, and not for long"
          : life.use === "cook-today"
            ? "cook it through"
            : "it will not wait";
      return {
        headline: `Use the ${inSentence(title)} today`,
        why: `${format.mass(massG)}, ${lifeText(life.daysLeft)} left: ${how}.`,
        href: cuttable ? `/block/${id}` : `/ice/${id}`,
        act: cuttable ? "Cut it" : "Look at the lot",
      };
    }
    case "cook-batch": {
      const { id, title, portions } = action.batch;
      return {
        headline: `${portions} ${inSentence(title)} ready for the pan`,
        why: "Cut and waiting.",
        href: `/stove/${id}`,
        act: "Plan the cook",
      };
    }
    case "cut-lot": {
      const { id, title, life } = action.lot;
      return {
        headline: `Cut the ${inSentence(title)}`,
        why: `First on the ice, ${lifeText(life.daysLeft)} left.`,
        href: `/block/${id}`,
        act: "To the block",
      };
    }
    case "receive":
      return {
        headline: "Take in a delivery",
        why: "Nothing waits for the knife or the pan.",
        href: "/dock",
        act: "To the dock",
      };
    default:
      return assertNever(action);
  }
}

/** The first thing on the first screen: what to do now, and the way there. */
export function NextCard({ action, format }: { readonly action: NextAction; readonly format: Format }) {
  const words = wordsFor(action, format);
  return (
    <section className={styles.next} data-kind={action.kind} aria-label="Next">
      <div>
        <p className={styles.label}>Next</p>
        <h1>{words.headline}</h1>
        <p className={styles.why}>{words.why}</p>
      </div>
      <Link className={styles.act} href={words.href as Route}>
        {words.act}
      </Link>
    </section>
  );
}
