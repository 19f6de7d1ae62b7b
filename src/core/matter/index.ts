export { COMPONENTS, COMPONENT_IDS, evaluate, type ComponentId } from "./choiOkos";
export { iceFraction, LATENT_ICE_J_PER_KG, partlyFrozen } from "./freezing";
export { massFractions, propertiesOf, type Composition, type ThermalProperties } from "./properties";
export { evaporationKgPerM2S, saturationPa, wetBulbC } from "./vapour";
