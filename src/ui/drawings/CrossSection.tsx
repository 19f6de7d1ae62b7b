"use client";
import { memo, useEffect, useMemo, useRef, useState } from "react";
import { OPAQUE_SHARE, type Snapshot } from "@/core/cooking";
import styles from "./CrossSection.module.css";
import { fleshStops, paintFlesh } from "./fleshColour";
import { clockText } from "@/words/format/format";
import { useHouse } from "../hooks/HouseContext";
import { Slider } from "../form/Slider";
import page from "../layout/page.module.css";
import type { FLESH } from "../theme/palette";
import { t } from "@/words/ui";

type Props = {
  readonly trace: readonly Snapshot[];
  readonly stageNames: readonly string[];
  readonly flesh: keyof typeof FLESH;
  readonly skin: boolean;
  /** Cut across a round piece: both rims are outside. */
  readonly round: boolean;
  readonly pullS: number;
};

const WIDTH = 900;
const HEIGHT = 190;
/** A stage too narrow for its name keeps its number alone: room for the figure, and for every letter. */
const NUMBER_SHARE = 0.05;
const LETTER_SHARE = 0.013;

/** The piece cut open at every moment: first face below, time to the right, the opaque line climbing; a thumb runs through the time. */
export const CrossSection = memo(function CrossSection({ trace, stageNames, flesh, skin, round, pullS }: Props) {
  const { format } = useHouse();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [wantedS, setWantedS] = useState<number | null>(null);
  const layers = trace[0]?.layersC.length ?? 0;
  const wholeS = trace.at(-1)?.timeS ?? 0;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || trace.length === 0) return;
    const columns = Math.min(600, trace.length * 3);
    canvas.current!.width = columns;
    const image = context.createImageData(columns, layers);
    const stops = fleshStops(flesh);
    const pixels = new Uint32Array(image.data.buffer);
    let at = 0;
    let drawnAt = -1;
    for (let column = 0; column < columns; column++) {
      // snapshots stand closer together where stages end: columns are even in time
      const timeS = (wholeS * column) / Math.max(1, columns - 1);
      while (at < trace.length - 1 && trace[at]!.timeS < timeS) at++;
      const { layersOpaque, layersDry } = trace[at]!;
      for (let layer = 0; layer < layers; layer++) {
        const place = (layers - 1 - layer) * columns + column;
        if (at === drawnAt) pixels[place] = pixels[place - 1]!;
        else paintFlesh(image.data, place * 4, stops, layersOpaque[layer]!, layersDry[layer]!);
      }
      drawnAt = at;
    }
    context.putImageData(image, 0, 0);
  }, [trace, layers, flesh, wholeS]);

  const drawn = useMemo(() => outline(trace), [trace]);
  const nowS = Math.min(wantedS ?? pullS, wholeS);
  const now = trace.findLast(({ timeS }) => timeS <= nowS + 0.01) ?? trace[0];
  const readings: readonly (readonly [string, number])[] = now
    ? [
        [t("centre"), now.centreC],
        [round ? t("outside") : skin ? t("skinSide") : t("firstFace"), now.firstC],
        ...(round ? [] : [[t("secondFace"), now.secondC] as const]),
        ...(now.vesselC === null ? [] : [[t("panOrLiquid"), now.vesselC] as const]),
      ]
    : [];
  return (
    <figure className={styles.figure}>
      <div className={styles.stage}>
        <canvas ref={canvas} width={Math.max(1, trace.length)} height={Math.max(1, layers)} className={styles.flesh} />
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" className={styles.lines} aria-hidden="true">
          {drawn.opaque.map((path) => (
            <path key={path} d={path} className={styles.line} />
          ))}
          {drawn.changes.map((x) => (
            <path key={x} d={`M${x} 0V${HEIGHT}`} className={styles.change} />
          ))}
          {skin && !round ? <path d={`M0 ${HEIGHT - 3}H${WIDTH}`} className={styles.skin} /> : null}
          <path d={`M${(nowS / Math.max(1, wholeS)) * WIDTH} 0V${HEIGHT}`} className={styles.now} />
        </svg>
        {drawn.spans.map(({ stage, leftShare, share }) => (
          <span key={stage} className={styles.phase} style={{ left: `${leftShare * 100}%` }}>
            {share > NUMBER_SHARE + LETTER_SHARE * (stageNames[stage] ?? "").length
              ? `${stage + 1} ${stageNames[stage] ?? ""}`
              : stage + 1}
          </span>
        ))}
      </div>
      <Slider
        min={0}
        max={Math.max(1, Math.round(wholeS))}
        value={Math.round(nowS)}
        onChange={setWantedS}
        ariaLabelForHandle={t("momentOfTheCook")}
        ariaValueTextFormatterForHandle={(seconds) => clockText(Number(seconds))}
        tooltip={{ formatter: (seconds) => clockText(Number(seconds ?? 0)) }}
        className={styles.scrub ?? ""}
      />
      <dl className={`${page.gauges} ${styles.readings}`} data-testid="moment">
        <div>
          <dt>{t("at")}</dt>
          <dd>{clockText(nowS)}</dd>
        </div>
        {readings.map(([what, pointC]) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>{format.temperature(pointC)}</dd>
          </div>
        ))}
      </dl>
      <figcaption>
        {t("valueFromTheHeatLeftTo", {
          value: round ? t("cutAcross") : t("cutOpenValueBelow", { value: skin ? t("skin") : t("firstFace") }),
        })}
      </figcaption>
    </figure>
  );
});

/** Height, in layers from the first, at which the flesh stops being opaque; null when all of it is. */
function crossing(opaque: readonly number[]): number | null {
  const raw = opaque.findIndex((share) => share < OPAQUE_SHARE);
  if (raw <= 0) return raw === 0 ? 0 : null;
  const [before, here] = [opaque[raw - 1]!, opaque[raw]!];
  return raw - 0.5 + (before - OPAQUE_SHARE) / (before - here);
}

/** Paths of the opaque line from below and from above, and where the stages change. */
function outline(trace: readonly Snapshot[]) {
  const lower: string[] = [];
  const upper: string[] = [];
  const changes: number[] = [];
  const spans: { stage: number; leftShare: number; share: number }[] = [];
  const wholeS = trace.at(-1)?.timeS || 1;
  for (const [index, { layersOpaque, stage, timeS }] of trace.entries()) {
    const x = (timeS / wholeS) * WIDTH;
    const toY = (height: number) => HEIGHT - (height / layersOpaque.length) * HEIGHT;
    const from = crossing(layersOpaque);
    if (from !== null) {
      const fromAbove = crossing(layersOpaque.toReversed()) ?? 0;
      lower.push(`${x.toFixed(1)} ${toY(from).toFixed(1)}`);
      upper.push(`${x.toFixed(1)} ${toY(layersOpaque.length - fromAbove).toFixed(1)}`);
    }
    const open = spans.at(-1);
    if (open?.stage === stage) open.share = timeS / wholeS - open.leftShare;
    else {
      const fromS = trace[index - 1]?.timeS ?? 0;
      if (open) changes.push((fromS / wholeS) * WIDTH);
      spans.push({ stage, leftShare: fromS / wholeS, share: (timeS - fromS) / wholeS });
    }
  }
  const opaque = [lower, upper].filter((points) => points.length > 1).map((points) => `M${points.join("L")}`);
  return { opaque, changes, spans };
}
