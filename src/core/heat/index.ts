export { Conduction } from "./conduction";
export { solveFace, newFaceFlux, STEFAN_BOLTZMANN, type Face, type FaceFlux } from "./face";
export { freezingMaterial, tabulateEnthalpy } from "./frozenMaterial";
export { gridFor, scaledGrid, type Grid, type LineShape } from "./grid";
export { constantMaterial, materialOf, PROPERTY_RANGE_C, type Material } from "./material";
export { PuckConduction, type PuckFaces } from "./puck";
export { QuickLine, type LineBody } from "./quickLine";
export { lineCellSteps, nextStepS, simulateHeat, type HeatRun, type HeatStage, type HeatTrace } from "./simulate";
export { puckCellSteps, simulatePuck, type PuckRun, type PuckTrace } from "./simulatePuck";
