import type { Route } from "next";
import { inSentence } from "@/core/species";
import Link from "next/link";
import type { NextAction } from "@/core/line";
import { clockText, lifeText, type Format } from "@/words/format/format";
import styles from "./NextCard.module.css";
import { t } from "@/words/today";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { stageAct } from "@/words/stageAct";

type Words = { readonly headline: string; readonly why: string; readonly href: string; readonly act: string };

type ActionOf<Kind extends NextAction["kind"]> = Extract<NextAction, { readonly kind: Kind }>;

const WORDS: { readonly [Kind in NextAction["kind"]]: (action: ActionOf<Kind>, format: Format) => Words } = {
  "stage-due": (action) => {
    const { id, title, next } = action.cook;
    return {
      headline: stageAct(next, title),
      why: t("theClockHasRunOut"),
      href: `/stove/cook/${id}`,
      act: t("toThePan"),
    };
  },
  "watch-cook": (action) => {
    const { id, title, stage, next, remainingS } = action.cook;
    return {
      headline: t("inRemainingAct", { remaining: clockText(remainingS), act: stageAct(next, title) }),
      why: t("nowStage", { stage: stage.toLowerCase() }),
      href: `/stove/cook/${id}`,
      act: t("toThePan"),
    };
  },
  "hot-due": (action) => {
    const { title, over } = action.hot;
    return {
      headline: over ? t("titleItsTimeIsUp", { title }) : t("probeTheTitle", { title: inSentence(title) }),
      why: over ? t("belowHotHoldingForAsLong") : t("itWaitsHotAndItsLast"),
      href: action.hot.sauce ? "/butter" : "/stove/hold",
      act: action.hot.sauce ? t("toTheBain") : t("toTheHold"),
    };
  },
  "warm-place": (action, format) => {
    const { placeId, name, celsius, limitC } = action.place;
    return {
      headline: t("nameIsOutOfItsLimits", { name }),
      why: t("celsiusLimitLimitSeeWhatLay", {
        celsius: format.temperature(celsius, 1),
        limit: format.temperature(limitC, 0),
      }),
      href: `/ice/places/${placeId}`,
      act: t("lookAtIt"),
    };
  },
  "hold-due": (action, format) => {
    const { lotId, title, needs } = action.hold;
    return {
      headline: title,
      why: `${sentence(say(needs, format))}.`,
      href: `/ice/${lotId}`,
      act: t("toTheHold"),
    };
  },
  "clear-lot": (action, format) => {
    const { id, title, massG, life } = action.lot;
    // what lives is looked at one by one, not written off by the calendar
    const alive = life.state === "live";
    return {
      headline: alive
        ? t("lookThroughTheTitle", { title: inSentence(title) })
        : t("takeTheTitleOffTheIce", { title: inSentence(title) }),
      why: alive
        ? t("massIsPastItsDaysAlive", { mass: format.mass(massG) })
        : t("massIsPastItsLifeIn", { mass: format.mass(massG) }),
      href: `/ice/${id}`,
      act: t("lookAtTheLot"),
    };
  },
  "use-lot": (action, format) => {
    const { id, title, massG, life, cuttable } = action.lot;
    const how =
      life.state === "live"
        ? t("aliveAndNotForLong")
        : life.use === "cook-today"
          ? t("cookItThrough")
          : t("itWillNotWait");
    return {
      headline: t("useTheTitleToday", { title: inSentence(title) }),
      why: t("massDaysLeftLeftHow", { mass: format.mass(massG), daysLeft: lifeText(life.daysLeft), how }),
      href: cuttable ? `/block/${id}` : `/ice/${id}`,
      act: cuttable ? t("cutIt") : t("lookAtTheLot"),
    };
  },
  "cook-batch": (action) => {
    const { id, title, portions } = action.batch;
    return {
      headline: t("portionsTitleReadyForThePan", { portions, title: inSentence(title) }),
      why: t("cutAndWaiting"),
      href: `/stove/${id}`,
      act: t("planTheCook"),
    };
  },
  "cut-lot": (action) => {
    const { id, title, life } = action.lot;
    return {
      headline: t("cutTheTitle", { title: inSentence(title) }),
      why: t("firstOnTheIceDaysLeftLeft", { daysLeft: lifeText(life.daysLeft) }),
      href: `/block/${id}`,
      act: t("toTheBlock"),
    };
  },
  receive: () => ({
    headline: t("takeInADelivery"),
    why: t("nothingWaitsForTheKnifeOr"),
    href: "/dock",
    act: t("toTheDock"),
  }),
};

const wordsFor = <Kind extends NextAction["kind"]>(action: ActionOf<Kind>, format: Format): Words =>
  WORDS[action.kind as Kind](action, format);

/** The first thing on the first screen: what to do now, and the way there. */
export function NextCard({ action, format }: { readonly action: NextAction; readonly format: Format }) {
  const words = wordsFor(action, format);
  return (
    <section className={styles.next} data-kind={action.kind} aria-label={t("next")}>
      <div>
        <p className={styles.label}>{t("next")}</p>
        <h1>{words.headline}</h1>
        <p className={styles.why}>{words.why}</p>
      </div>
      <Link className={styles.act} href={words.href as Route}>
        {words.act}
      </Link>
    </section>
  );
}
