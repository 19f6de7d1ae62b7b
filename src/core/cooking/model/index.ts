export { BROWNING, CookRun, type CookSetup, type Snapshot, type Surroundings } from "./cookRun";
export { evaporationKgPerM2 } from "./evaporation";
export {
  decimalS,
  dryShare,
  finalLossPct,
  Flesh,
  KINETICS,
  OPAQUE_DECADES,
  OPAQUE_SHARE,
  setShare,
  temperatureOfLoss,
  TENDER,
  type Kinetics,
} from "./flesh";
export {
  facesM2,
  governingMm,
  materialFor,
  resized,
  shapeFor,
  startsFrozen,
  USUAL_FILLING,
  type PieceShape,
  type StovePiece,
} from "./piece";
export {
  COEFFICIENTS,
  PAN_IDS,
  PANS,
  STATION,
  USUAL_FILMS,
  type FilmId,
  type Films,
  type Pan,
  type PanId,
} from "./station";
export type { Touch } from "./touch";
export { bathVessel, fryerVessel, panVessel, plateVessel, potVessel, type Vessel } from "./vessel";
export { broilerView } from "./viewFactor";
