"use client";
import { DragHandle } from "../form/DragHandle";
import { useRef } from "react";
import type { PlannedPiece, Side } from "@/core/block";
import { useHouse } from "../hooks/HouseContext";
import { FLESH } from "../theme/palette";
import { sideGeometry } from "./sideGeometry";
import styles from "./SideDrawing.module.css";
import { t } from "@/words/ui";

type Props = {
  readonly side: Side;
  readonly pieces: readonly PlannedPiece[];
  readonly cutsMm: readonly number[];
  /** Lean of the knife from upright. */
  readonly leanDeg: number;
  readonly flesh: keyof typeof FLESH;
  readonly onThickness: (station: number, thicknessMm: number) => void;
};

/** One side from above and from its edge: knife lines and weights above, the thickness below with a handle at each station. */
export function SideDrawing({ side, pieces, cutsMm, leanDeg, flesh, onThickness }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const { format } = useHouse();
  const drawn = sideGeometry(side, pieces, cutsMm, leanDeg);
  const portions = pieces.filter(({ role }) => role !== "trim").length;
  return (
    <svg
      ref={svg}
      className={styles.drawing}
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      role="group"
      aria-label={t("theSideWithPortionsPortions", { portions })}
    >
      <defs>
        <pattern id="trim" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill="var(--bone)" />
          <path d="M0 0v8" stroke="var(--edge)" strokeWidth="3" />
        </pattern>
      </defs>
      <path d={drawn.topOutline} fill={FLESH[flesh][0]} stroke="var(--outline)" />
      {drawn.pieces.map((piece) => (
        <g key={piece.key}>
          {piece.role === "trim" ? <path d={piece.top} fill="url(#trim)" stroke="var(--outline-cold)" /> : null}
          {piece.role === "trim" ? <path d={piece.edge} fill="url(#trim)" /> : null}
          {piece.wide ? (
            <>
              <text x={piece.middleX} y={drawn.topMiddleY - 4} className={styles.weight}>
                {format.mass(piece.massG)}
              </text>
              <text x={piece.middleX} y={drawn.topMiddleY + 16} className={styles.thick}>
                {piece.role === "trim"
                  ? t("trim")
                  : piece.role === "portion"
                    ? format.length(piece.maxThicknessMm)
                    : `${piece.role}, ${format.length(piece.cookThicknessMm)}`}
              </text>
            </>
          ) : null}
        </g>
      ))}
      {drawn.cuts.map((cut) => (
        <path key={cut.key} d={cut.path} className={styles.cut} />
      ))}
      <path d={drawn.edgeOutline} fill={FLESH[flesh][1]} stroke="var(--outline)" />
      {drawn.pieces.map((piece) =>
        piece.role === "trim" ? (
          <path key={piece.key} d={piece.edge} fill="url(#trim)" stroke="var(--outline-cold)" />
        ) : null,
      )}
      {drawn.cuts.map((cut) => (
        <path key={cut.key} d={cut.edgePath} className={styles.cut} />
      ))}
      <path d={drawn.skinLine} className={styles.skin} />
      {drawn.handles.map((handle, index) => (
        <Handle
          key={index}
          x={handle.x}
          y={handle.y}
          baseY={drawn.baseY}
          label={t("thicknessAtAt", { at: format.length(side.profile[index]!.atMm) })}
          text={format.length(side.profile[index]!.thicknessMm)}
          valueMm={side.profile[index]!.thicknessMm}
          mmPerUnit={drawn.mmPerUnitY}
          unitsPerPixel={() => drawn.width / (svg.current?.getBoundingClientRect().width ?? drawn.width)}
          onChange={(thicknessMm) => onThickness(index, thicknessMm)}
        />
      ))}
    </svg>
  );
}

type HandleProps = {
  readonly x: number;
  readonly y: number;
  readonly baseY: number;
  readonly label: string;
  readonly text: string;
  readonly valueMm: number;
  readonly mmPerUnit: number;
  readonly unitsPerPixel: () => number;
  readonly onChange: (thicknessMm: number) => void;
};

const THINNEST_MM = 1;
const THICKEST_MM = 120;

function Handle({ x, y, baseY, label, text, valueMm, mmPerUnit, unitsPerPixel, onChange }: HandleProps) {
  return (
    <DragHandle
      label={label}
      text={text}
      value={valueMm}
      min={THINNEST_MM}
      max={THICKEST_MM}
      step={1}
      bigStep={5}
      perPixel={() => unitsPerPixel() * mmPerUnit}
      className={styles.handle}
      onChange={onChange}
    >
      <path d={`M${x} ${y}V${baseY}`} className={styles.station} />
      <rect x={x - 31} y={y - 31} width="62" height="62" fill="transparent" />
      <path d={`M${x - 11} ${y - 4}l11 -11 11 11zM${x - 11} ${y + 4}l11 11 11 -11z`} className={styles.grip} />
      <text x={x} y={y - 22} className={styles.value}>
        {text}
      </text>
    </DragHandle>
  );
}
