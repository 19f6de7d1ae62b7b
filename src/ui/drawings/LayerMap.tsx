"use client";
import { clamp } from "@/core/numeric";
import { useEffect, useRef } from "react";
import styles from "./LayerMap.module.css";

type Rgb = readonly [number, number, number];
type Props = {
  readonly label: string;
  /** One column a moment; in it the layers from bottom to top, 0 to 1. */
  readonly columns: readonly (readonly number[])[];
  readonly from: Rgb;
  readonly to: Rgb;
  readonly height?: number;
};

/** A slice cut open at every moment, coloured by how far something has come: time to the right, deepest layer at the bottom. */
export function LayerMap({ label, columns, from, to, height = 120 }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const layers = columns[0]?.length ?? 0;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context || columns.length === 0 || layers === 0) return;
    const image = context.createImageData(columns.length, layers);
    for (const [x, column] of columns.entries())
      for (const [layer, value] of column.entries()) {
        const share = clamp(value, 0, 1);
        const at = ((layers - 1 - layer) * columns.length + x) * 4;
        image.data.set([...from.map((start, index) => start + share * (to[index]! - start)), 255], at);
      }
    context.putImageData(image, 0, 0);
  }, [columns, layers, from, to]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      width={Math.max(1, columns.length)}
      height={Math.max(1, layers)}
      className={styles.map}
      style={{ height }}
    />
  );
}
