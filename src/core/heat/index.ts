export { Conduction } from "./conduction";
export { solveFace, newFaceFlux, STEFAN_BOLTZMANN, type Face, type FaceFlux } from "./face";
export { freezingMaterial, tabulateEnthalpy } from "./frozenMaterial";
export { gridFor, type Grid, type LineShape } from "./grid";
export { constantMaterial, materialOf, PROPERTY_RANGE_C, type Material } from "./material";
export { nextStepS, simulateHeat, type HeatRun, type HeatStage, type HeatTrace } from "./simulate";
export { simulatePuck, type PuckRun, type PuckTrace } from "./simulatePuck";
