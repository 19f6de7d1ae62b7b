import { FLESH } from "@/ui/theme/palette";
import { sliceGeometry } from "@/ui/drawings/sliceGeometry";
import { t } from "@/words/raw";
import page from "@/ui/layout/page.module.css";

type Props = {
  readonly heightMm: number;
  readonly sliceMm: number;
  readonly leanDeg: number;
  readonly flesh: keyof typeof FLESH;
};

/** The block from the side with the knife lines at their lean and spacing. */
export function SliceDrawing({ heightMm, sliceMm, leanDeg, flesh }: Props) {
  const { outline, cuts, width, height } = sliceGeometry(heightMm, sliceMm, leanDeg);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={t("blockWithSlicesOfSliceMmMm", { sliceMm })}
      className={page.drawing}
    >
      <path d={outline} fill={FLESH[flesh][0]} stroke="var(--outline)" strokeWidth="1.5" />
      {cuts.map((path) => (
        <path key={path} d={path} stroke="var(--slate)" strokeWidth="1.4" strokeDasharray="5 3" />
      ))}
    </svg>
  );
}
