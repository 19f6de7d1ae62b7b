"use client";
import { useEffect, useMemo, useRef } from "react";
import { OPAQUE_SHARE, type Snapshot } from "@/core/cooking";
import styles from "./CrossSection.module.css";
import { FLESH } from "./palette";

type Props = { readonly trace: readonly Snapshot[]; readonly flesh: keyof typeof FLESH; readonly skin: boolean };

const PHASE_WORDS = { pan: "pan", oven: "oven", rest: "rest" } as const;
const WIDTH = 900;
const HEIGHT = 190;

const channel = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
const parse = (hex: string) => [channel(hex, 1), channel(hex, 3), channel(hex, 5)] as const;

/** Colour of flesh at a share of setting: raw to half set to opaque. */
function fleshColour(
  stops: readonly (readonly [number, number, number])[],
  share: number,
): readonly [number, number, number] {
  const place = Math.min(1.999, Math.max(0, share * 2));
  const [from, to] = [stops[Math.floor(place)]!, stops[Math.floor(place) + 1]!];
  const part = place - Math.floor(place);
  return [0, 1, 2].map((index) => from[index]! + part * (to[index]! - from[index]!)) as unknown as readonly [
    number,
    number,
    number,
  ];
}

/** The side of the piece as the cook would see it cut open at every moment: skin below, time to the right, the opaque line climbing. */
export function CrossSection({ trace, flesh, skin }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const layers = trace[0]?.layersC.length ?? 0;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || trace.length === 0) return;
    const image = context.createImageData(trace.length, layers);
    const stops = FLESH[flesh].map(parse);
    for (const [column, snapshot] of trace.entries()) {
      for (let layer = 0; layer < layers; layer++) {
        const at = ((layers - 1 - layer) * trace.length + column) * 4;
        image.data.set([...fleshColour(stops, snapshot.layersOpaque[layer]!), 255], at);
      }
    }
    context.putImageData(image, 0, 0);
  }, [trace, layers, flesh]);

  const drawn = useMemo(() => outline(trace), [trace]);
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
          {skin ? <path d={`M0 ${HEIGHT - 3}H${WIDTH}`} className={styles.skin} /> : null}
        </svg>
        {drawn.spans.map(({ phase, leftShare }) => (
          <span key={phase} className={styles.phase} style={{ left: `${leftShare * 100}%` }}>
            {PHASE_WORDS[phase]}
          </span>
        ))}
      </div>
      <figcaption>
        The piece cut open, {skin ? "skin" : "best side"} below, from the pan (left) to the plate (right). Dashed: the
        opaque line.
      </figcaption>
    </figure>
  );
}

/** Height, in layers from the first, at which the flesh stops being opaque; null when all of it is. */
function crossing(opaque: readonly number[]): number | null {
  const raw = opaque.findIndex((share) => share < OPAQUE_SHARE);
  if (raw <= 0) return raw === 0 ? 0 : null;
  const [before, here] = [opaque[raw - 1]!, opaque[raw]!];
  return raw - 0.5 + (before - OPAQUE_SHARE) / (before - here);
}

/** Paths of the opaque line from below and from above, and where the stages change. */
function outline(trace: readonly Snapshot[]) {
  const last = Math.max(1, trace.length - 1);
  const lower: string[] = [];
  const upper: string[] = [];
  const changes: number[] = [];
  const spans: { phase: Snapshot["phase"]; leftShare: number }[] = [];
  for (const [index, { layersOpaque, phase }] of trace.entries()) {
    const x = (index / last) * WIDTH;
    const toY = (height: number) => HEIGHT - (height / layersOpaque.length) * HEIGHT;
    const from = crossing(layersOpaque);
    if (from !== null) {
      const fromAbove = crossing(layersOpaque.toReversed()) ?? 0;
      lower.push(`${x.toFixed(1)} ${toY(from).toFixed(1)}`);
      upper.push(`${x.toFixed(1)} ${toY(layersOpaque.length - fromAbove).toFixed(1)}`);
    }
    const before = trace[index - 1];
    if (before && before.phase !== phase) changes.push(((index - 1) / last) * WIDTH);
    if (spans.at(-1)?.phase !== phase) spans.push({ phase, leftShare: Math.max(0, index - 1) / last });
  }
  const opaque = [lower, upper].filter((points) => points.length > 1).map((points) => `M${points.join("L")}`);
  return { opaque, changes, spans };
}
