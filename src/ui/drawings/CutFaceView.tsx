"use client";
import { memo, useEffect, useRef } from "react";
import type { CutFace } from "@/core/cooking";
import styles from "./CrossSection.module.css";
import { fleshStops, paintFlesh } from "./fleshColour";
import type { FLESH } from "../theme/palette";
import { t } from "@/words/ui";

type Props = { readonly face: CutFace; readonly flesh: keyof typeof FLESH; readonly label: string };

/** The face a knife would show when the piece is served. */
export const CutFaceView = memo(function CutFaceView({ face, flesh, label }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const stops = fleshStops(flesh);
    const image = context.createImageData(face.columns, face.rows);
    for (const [index, share] of face.opaque.entries())
      if (share !== null) paintFlesh(image.data, index * 4, stops, share, face.dry[index] ?? 0);
    context.clearRect(0, 0, face.columns, face.rows);
    context.putImageData(image, 0, 0);
  }, [face, flesh]);
  return (
    <figure className={styles.cut}>
      <canvas
        ref={canvas}
        width={face.columns}
        height={face.rows}
        role="img"
        aria-label={label}
        style={{ aspectRatio: String(face.aspect), maxWidth: face.aspect < 1.5 ? 190 : undefined }}
      />
      <figcaption>{t("cutOpenAtThePlate")}</figcaption>
    </figure>
  );
});
