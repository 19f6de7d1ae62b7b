import type { ReactElement } from "react";
import { ResponsiveContainer } from "recharts";
import { PALETTE } from "../theme/palette";

/** Figures on an axis. */
export const FIGURES = { fontFamily: "var(--figures)", fontSize: 14, fill: PALETTE.muted };
/** The note under the finger. */
export const NOTE = { borderRadius: 4, borderColor: PALETTE.edge, fontFamily: "var(--text)" };

type Props = {
  /** What it shows, said in one sentence to who cannot see it. */
  readonly label: string;
  readonly height: number;
  readonly children: ReactElement;
};

/** A chart as wide as its card. */
export const ChartFrame = ({ label, height, children }: Props) => (
  <div role="img" aria-label={label}>
    <ResponsiveContainer width="100%" height={height}>
      {children}
    </ResponsiveContainer>
  </div>
);
