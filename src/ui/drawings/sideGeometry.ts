import { SideShape, type PlannedPiece, type Side } from "@/core/block";

const WIDTH = 900;
const MARGIN = 34;
const TOP_HEIGHT = 150;
const EDGE_TOP = 232;
const EDGE_HEIGHT = 130;
const BASE_Y = EDGE_TOP + EDGE_HEIGHT;
const HEIGHT = BASE_Y + 18;
const LABEL_ROOM = 58;

/** Paths of a side from above and from its edge in drawing units; the thickness is drawn larger than life so that it can be read. */
export function sideGeometry(side: Side, pieces: readonly PlannedPiece[], cutsMm: readonly number[], leanDeg: number) {
  const shape = new SideShape(side);
  // a leaned knife clears the tail beyond its end
  const onSide = (atMm: number) => Math.min(atMm, side.lengthMm);
  const toX = (atMm: number) => MARGIN + (atMm / side.lengthMm) * (WIDTH - 2 * MARGIN);
  const lean = Math.tan((leanDeg * Math.PI) / 180);
  /** Where a leaned cut that meets the skin at `atMm` comes out on top. */
  const cutTopMm = (atMm: number) => Math.max(0, atMm - lean * shape.thicknessAtMm(onSide(atMm)));
  const widest = Math.max(...side.profile.map(({ widthMm }) => widthMm), 1);
  const thickest = Math.max(...side.profile.map(({ thicknessMm }) => thicknessMm), 10);
  const mmPerUnitY = (thickest * 1.15) / EDGE_HEIGHT;
  const middleY = 12 + TOP_HEIGHT / 2;
  const halfAt = (atMm: number) => ((shape.widthAtMm(atMm) / widest) * TOP_HEIGHT) / 2;
  const topAt = (atMm: number) => BASE_Y - shape.thicknessAtMm(atMm) / mmPerUnitY;
  const marks = (fromMm: number, toMm: number) => [
    fromMm,
    ...side.profile.map(({ atMm }) => atMm).filter((at) => at > fromMm && at < toMm),
    toMm,
  ];
  const line = (points: readonly (readonly [number, number])[]) =>
    points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L");
  const above = (fromMm: number, toMm: number) => {
    const at = marks(fromMm, toMm);
    const upper = at.map((mm) => [toX(mm), middleY - halfAt(mm)] as const);
    const lower = at.toReversed().map((mm) => [toX(mm), middleY + halfAt(mm)] as const);
    return `M${line([...upper, ...lower])}Z`;
  };
  const edge = (fromMm: number, toMm: number) => {
    const at = marks(fromMm, toMm);
    return `M${line([[toX(fromMm), BASE_Y], ...at.map((mm) => [toX(mm), topAt(mm)] as const), [toX(toMm), BASE_Y]])}Z`;
  };
  return {
    width: WIDTH,
    height: HEIGHT,
    baseY: BASE_Y,
    topMiddleY: middleY,
    mmPerUnitY,
    topOutline: above(0, side.lengthMm),
    edgeOutline: edge(0, side.lengthMm),
    skinLine: `M${toX(0)} ${BASE_Y}H${toX(side.lengthMm)}`,
    cuts: cutsMm.map(onSide).map((atMm, index) => ({
      key: index,
      path: `M${toX(atMm)} ${middleY - halfAt(atMm) - 8}V${middleY + halfAt(atMm) + 8}`,
      edgePath: `M${toX(cutTopMm(atMm))} ${topAt(cutTopMm(atMm)) - 6}L${toX(atMm)} ${BASE_Y + 6}`,
    })),
    pieces: pieces.map((piece, index) => {
      const [fromMm, toMm] = [onSide(piece.fromMm), onSide(piece.toMm)];
      return {
        ...piece,
        key: index,
        top: above(fromMm, toMm),
        edge: edge(fromMm, toMm),
        middleX: (toX(fromMm) + toX(toMm)) / 2,
        wide: toX(toMm) - toX(fromMm) > LABEL_ROOM,
      };
    }),
    handles: side.profile.map(({ atMm }) => ({ x: toX(atMm), y: topAt(atMm) })),
  };
}
