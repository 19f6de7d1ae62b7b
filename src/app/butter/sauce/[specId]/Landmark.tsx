"use client";
import { bindingOf, SPHERES, type Mounted, type SauceSpec, type Shelf } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PALETTE } from "@/ui/theme/palette";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

type Props = { readonly sauce: Mounted; readonly spec: SauceSpec; readonly shelf: Shelf };

const WIDTH = 640;
const xOf = (share: number) => 4 + share * (WIDTH - 8);
const pct = (share: number) => Math.round(share * 100);

/** How full of fat the sauce is by volume against the landmarks of hard spheres, and whether what binds it is enough. */
export function Landmark({ sauce, spec, shelf }: Props) {
  const { format } = useHouse();
  const { bound, finestDropMicron } = bindingOf([...spec.base, ...spec.mount], shelf);
  if (bound === "no-fat") return null;
  const micron = format.number(finestDropMicron ?? 0, 1);
  const landmark = t("spheresLandmark", { thrown: pct(SPHERES.thrown), stacked: pct(SPHERES.stacked) });
  const here = t("fatOfVolume", { pct: pct(sauce.fatVolumeFraction) });
  return (
    <div data-testid="binding">
      <svg viewBox={`0 0 ${WIDTH} 44`} className={styles.landmarks} role="img" aria-label={`${here}. ${landmark}`}>
        <rect x={xOf(0)} y={22} width={xOf(1) - xOf(0)} height={10} rx={2} fill={PALETTE.groove} />
        <rect
          x={xOf(0)}
          y={22}
          width={xOf(sauce.fatVolumeFraction) - xOf(0)}
          height={10}
          rx={2}
          fill={PALETTE.iodine}
          fillOpacity={0.75}
        />
        {[SPHERES.thrown, SPHERES.stacked].map((share) => (
          <g key={share}>
            <path d={`M${xOf(share)} 16 V38`} stroke={PALETTE.muted} strokeWidth={2} strokeDasharray="3 3" />
            <text x={xOf(share)} y={12} textAnchor="middle">{`${pct(share)} %`}</text>
          </g>
        ))}
        <text x={xOf(0)} y={12}>
          {here}
        </text>
      </svg>
      <p className={page.sub}>{landmark}</p>
      <p className={bound === "well" ? page.sub : page.stop}>
        {bound === "well"
          ? t("bindsWell", { micron })
          : bound === "barely"
            ? t("bindsBarely", { micron })
            : t("bindsNot")}
      </p>
    </div>
  );
}
