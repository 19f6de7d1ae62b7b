"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import { PlainButton } from "@/ui/form/PlainButton";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/fire";
import styles from "./Butter.module.css";
import { seePan, takeReductionOff } from "./fireActions";

/** The field comes when there is something to put into it. */
const QuantityField = dynamic(() => import("@/ui/form/QuantityField").then((part) => part.QuantityField), {
  ssr: false,
});

type Props = {
  readonly id: string;
  /** The empty pan was weighed: the scale says most. */
  readonly weighed: boolean;
  readonly over: boolean;
  /** What it should weigh, pan and all, and how deep it should stand. */
  readonly expects: { readonly weighedG: number; readonly levelMm: number };
};

/** What is seen of a pan on the fire, and taking it off. */
export function SeePan({ id, weighed, over, expects }: Props) {
  const { act, busy } = useAct();
  const [seeing, setSeeing] = useState(false);
  const [weighedG, setWeighedG] = useState(expects.weighedG);
  const [levelMm, setLevelMm] = useState(expects.levelMm);
  const off = (
    <>
      <PlainButton
        look={over ? "strong" : undefined}
        busy={busy}
        onClick={() => void act(takeReductionOff, { id, as: "done" }, () => t("itIsOffAndThePanIsKnownBetter"))}
      >
        {t("itIsDown")}
      </PlainButton>
      <PlainButton
        look="quiet"
        busy={busy}
        onClick={() => void act(takeReductionOff, { id, as: "given-up" }, () => t("itIsOff"))}
      >
        {t("giveItUp")}
      </PlainButton>
    </>
  );
  const scale = {
    label: t("panAndAllWeighs"),
    kind: "mass",
    value: weighedG,
    max: 80_000,
    onChange: setWeighedG,
  } as const;
  const ruler = { label: t("itStandsDeep"), kind: "length", value: levelMm, max: 400, onChange: setLevelMm } as const;
  if (!seeing) {
    return (
      <div className={styles.closing}>
        <PlainButton onClick={() => setSeeing(true)}>{weighed ? t("weighIt") : t("measureIt")}</PlainButton>
        {off}
      </div>
    );
  }
  return (
    <div className={styles.closing}>
      <QuantityField {...(weighed ? scale : ruler)} min={1} />
      <PlainButton
        busy={busy}
        onClick={() =>
          void act(seePan, { id, seen: weighed ? { weighedG } : { levelMm } }, () => t("theClockFollowsIt"))
        }
      >
        {t("setTheClockByIt")}
      </PlainButton>
      {off}
    </div>
  );
}
