import { PLATE_MM, plateShapes } from "@/house/plateDrawing";
import type { CardSpec, Component } from "@/core/cards";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/cards";
import type { Format } from "@/words/format/format";
import styles from "../Cards.module.css";

type Props = { readonly card: CardSpec; readonly components: readonly Component[]; readonly format: Format };

const MIDDLE = 160;
const SIDE = 2 * MIDDLE;

/** The plate at scale: the piece from its grams and thickness, the pool of sauce, the heaps of its garnishes. */
export function PlateDrawing({ card, components, format }: Props) {
  const sauce = components.find(({ role }) => role === "sauce");
  const labels = components.filter(({ role }) => role === "garnish").map(({ label }) => label);
  const { piece, sauceMm, garnishes } = plateShapes(card, sauce?.massG ?? 0, labels);
  const label = t("plateAtScale", {
    length: format.length(piece.lengthMm, 0),
    width: format.length(piece.widthMm, 0),
    apart: sauceMm === null ? "yes" : "no",
    pool: format.length(sauceMm ?? 0, 0),
    plate: format.length(PLATE_MM, 0),
  });
  return (
    <figure>
      <svg viewBox={`0 0 ${SIDE} ${SIDE}`} className={styles.plate} role="img" aria-label={label}>
        <circle
          cx={MIDDLE}
          cy={MIDDLE}
          r={PLATE_MM / 2 + 18}
          fill={PALETTE.surface}
          stroke={PALETTE.edge}
          strokeWidth={2}
        />
        <circle cx={MIDDLE} cy={MIDDLE} r={PLATE_MM / 2} fill="none" stroke={PALETTE.hairline} strokeWidth={2} />
        {sauceMm === null ? null : (
          <circle cx={MIDDLE} cy={MIDDLE + 12} r={sauceMm / 2} fill={PALETTE.iodine} fillOpacity={0.3} />
        )}
        {garnishes.map(({ label: name, acrossMm, angleDeg }) => {
          const radians = (angleDeg * Math.PI) / 180;
          return (
            <circle
              key={name}
              cx={MIDDLE + 78 * Math.cos(radians)}
              cy={MIDDLE + 78 * Math.sin(radians)}
              r={acrossMm / 2}
              fill={PALETTE.kelp}
              fillOpacity={0.55}
            />
          );
        })}
        <rect
          x={MIDDLE - piece.lengthMm / 2}
          y={MIDDLE - piece.widthMm / 2}
          width={piece.lengthMm}
          height={piece.widthMm}
          rx={piece.widthMm / 3}
          fill={card.piece.use === "raw" ? PALETTE.brine : PALETTE.roe}
          fillOpacity={0.75}
          stroke={card.piece.crispSkin ? PALETTE.ink : "none"}
          strokeWidth={3}
          transform={`rotate(-18 ${MIDDLE} ${MIDDLE})`}
        />
      </svg>
      <figcaption>{label}</figcaption>
    </figure>
  );
}
