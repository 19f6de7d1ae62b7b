const WIDTH = 640;
const HEIGHT = 110;
const MARGIN = 10;
/** Length of block shown, mm. */
const SHOWN_MM = 160;

/** A stretch of a block from the side, to scale, with parallel cuts `sliceMm` apart measured across the slice. */
export function sliceGeometry(heightMm: number, sliceMm: number, leanDeg: number) {
  const perMm = Math.min((WIDTH - 2 * MARGIN) / SHOWN_MM, (HEIGHT - 2 * MARGIN) / heightMm);
  const length = Math.min(WIDTH - 2 * MARGIN, SHOWN_MM * perMm);
  const tall = heightMm * perMm;
  const [top, bottom] = [MARGIN, MARGIN + tall];
  const lean = Math.tan((leanDeg * Math.PI) / 180) * tall;
  const stepX = (sliceMm * perMm) / Math.cos((leanDeg * Math.PI) / 180);
  const cuts: string[] = [];
  for (let x = MARGIN + lean + stepX; x < MARGIN + length && cuts.length < 60; x += stepX)
    cuts.push(`M${(x - lean).toFixed(1)} ${top}L${x.toFixed(1)} ${bottom.toFixed(1)}`);
  return {
    width: WIDTH,
    height: tall + 2 * MARGIN,
    outline: `M${MARGIN} ${top}H${MARGIN + length}V${bottom}H${MARGIN}Z`,
    cuts,
  };
}
