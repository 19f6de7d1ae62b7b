"use client";
import { useRef } from "react";
import styles from "./Calliper.module.css";
import { useHouse } from "../hooks/HouseContext";
import { FLESH } from "../theme/palette";
import { DragHandle } from "./DragHandle";
import { UnitInput } from "./UnitInput";
import { t } from "@/words/ui";

type Props = {
  readonly shape?: "slab" | "cylinder" | "sphere" | "puck" | "tube";
  readonly thicknessMm: number;
  readonly flesh: keyof typeof FLESH;
  readonly skin: boolean;
  readonly onChange: (thicknessMm: number) => void;
};

export const THINNEST_MM = 6;
export const THICKEST_MM = 80;
const MEASURED = {
  slab: t("thicknessAtTheThickestPoint"),
  cylinder: t("acrossTheThickestPoint"),
  sphere: t("acrossTheThickestPoint"),
  puck: t("height"),
  tube: t("acrossTheThickestPoint"),
} as const;
const STEP_MM = 0.5;
const UNITS_PER_MM = 2.6;
const BASE_Y = 236;
const WIDTH = 280;
const clamp = (valueMm: number) =>
  Math.min(THICKEST_MM, Math.max(THINNEST_MM, Math.round(valueMm / STEP_MM) * STEP_MM));

/** A calliper on the piece: drag the upper jaw, type the figure, or nudge it with the arrow keys. */
export function Calliper({ shape = "slab", thicknessMm, flesh, skin, onChange }: Props) {
  const { format } = useHouse();
  const svg = useRef<SVGSVGElement>(null);
  const jawY = BASE_Y - thicknessMm * UNITS_PER_MM;
  const mmPerPixel = () => WIDTH / (svg.current?.getBoundingClientRect().width ?? WIDTH) / UNITS_PER_MM;
  const [, setting, opaque] = FLESH[flesh];
  return (
    <div className={styles.calliper}>
      <svg ref={svg} viewBox={`0 0 ${WIDTH} 262`} className={styles.drawing}>
        <g aria-hidden="true">
          {Array.from({ length: 9 }, (_, index) => (
            <g key={index}>
              <path
                d={`M20 ${BASE_Y - index * 10 * UNITS_PER_MM}h${index % 5 === 0 ? 12 : 7}`}
                className={styles.tick}
              />
            </g>
          ))}
          <Piece shape={shape} jawY={jawY} setting={setting} opaque={opaque} skin={skin} />
          <path d={`M20 14V${BASE_Y + 12}M14 ${BASE_Y + 4}H258`} className={styles.beam} />
        </g>
        <DragHandle
          label={MEASURED[shape]}
          text={format.length(thicknessMm, 1)}
          value={thicknessMm}
          min={THINNEST_MM}
          max={THICKEST_MM}
          step={STEP_MM}
          bigStep={5}
          perPixel={mmPerPixel}
          className={styles.jaw}
          onChange={onChange}
        >
          <rect x="8" y={jawY - 30} width="264" height="48" fill="transparent" />
          <path d={`M12 ${jawY - 18}H40V${jawY - 5}H240L254 ${jawY}H12Z`} className={styles.steel} />
          <path d={`M20 ${jawY - 12}h12M20 ${jawY - 7}h12`} stroke="var(--surface)" strokeWidth="2" />
        </DragHandle>
      </svg>
      <label className={styles.figure}>
        {shape === "slab" ? t("thickestPoint") : MEASURED[shape]}, {format.lengthUnit}
        <UnitInput
          kind="length"
          value={thicknessMm}
          min={THINNEST_MM}
          max={THICKEST_MM}
          onChange={(mm) => onChange(clamp(mm))}
        />
      </label>
    </div>
  );
}

type PieceProps = {
  readonly shape: NonNullable<Props["shape"]>;
  readonly jawY: number;
  readonly setting: string;
  readonly opaque: string;
  readonly skin: boolean;
};

/** The piece between the jaws: a fillet from the side, a round one cut across, a short round one upright. */
function Piece({ shape, jawY, setting, opaque, skin }: PieceProps) {
  const middleY = (BASE_Y + jawY) / 2;
  const radius = (BASE_Y - jawY) / 2;
  if (shape === "slab") {
    return (
      <>
        <path
          d={`M70 ${BASE_Y}V${jawY + 10}Q70 ${jawY} 92 ${jawY}H196Q236 ${jawY} 250 ${BASE_Y}Z`}
          fill={setting}
          stroke="var(--outline)"
        />
        <path
          d={`M82 ${BASE_Y - 7}V${jawY + 18}M122 ${BASE_Y - 7}Q128 ${middleY} 116 ${jawY + 6}M166 ${BASE_Y - 7}Q176 ${middleY} 160 ${jawY + 6}M208 ${BASE_Y - 7}Q214 ${middleY + 8} 200 ${jawY + 14}`}
          stroke={opaque}
          strokeWidth="3"
          fill="none"
        />
        {skin ? <path d={`M66 ${BASE_Y}H252`} stroke="var(--slate)" strokeWidth="6" /> : null}
      </>
    );
  }
  if (shape === "puck") {
    const height = BASE_Y - jawY;
    return (
      <>
        <path
          d={`M86 ${BASE_Y}Q72 ${middleY} 86 ${jawY}H214Q228 ${middleY} 214 ${BASE_Y}Z`}
          fill={setting}
          stroke="var(--outline)"
        />
        <path
          d={[108, 130, 152, 174, 196].map((x) => `M${x} ${BASE_Y - 5}V${jawY + Math.min(8, height / 3)}`).join("")}
          stroke={opaque}
          strokeWidth="2"
        />
      </>
    );
  }
  return (
    <>
      <circle cx="158" cy={middleY} r={radius} fill={setting} stroke="var(--outline)" />
      {shape === "tube" ? (
        <circle cx="158" cy={middleY} r={radius * 0.68} fill="var(--stuffing)" stroke="var(--outline)" />
      ) : (
        <circle cx="158" cy={middleY} r={radius * 0.55} fill="none" stroke={opaque} strokeWidth="3" />
      )}
    </>
  );
}
