export { COMPONENTS, COMPONENT_IDS, evaluate, type ComponentId } from "./choiOkos";
export { FLESH_FREEZES_C, iceFraction, LATENT_ICE_J_PER_KG, partlyFrozen } from "./freezing";
export { FLESH_G_PER_MM3, massFractions, propertiesOf, type Composition, type ThermalProperties } from "./properties";
export {
  AIR_CAPACITY_J_PER_M3K,
  evaporationKgPerM2S,
  LATENT_BOILING_J_PER_KG,
  saturationPa,
  VAPOUR_GAS_CONSTANT_J_PER_KGK,
  wetBulbC,
} from "./vapour";
