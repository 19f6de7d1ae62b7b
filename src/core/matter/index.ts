export { COMPONENTS, COMPONENT_IDS, evaluate, type ComponentId } from "./choiOkos";
export { massFractions, propertiesOf, type Composition, type ThermalProperties } from "./properties";
