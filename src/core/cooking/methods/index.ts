export { placeAmong } from "./data/ways";
export {
  COOK_FORMS,
  CRISP_CRUST_MM,
  crispsSkin,
  KITCHEN,
  kitOf,
  liquid,
  metal,
  METHOD_IDS,
  methodOf,
  METHODS,
  sidesOf,
  type AtEnd,
  type CookForm,
  type Kit,
  type Knob,
  type KnobId,
  type Method,
  type MethodId,
  type Practice,
  type StageTemplate,
} from "./table";
export { isWay, suitsGroup, usualCookForm, waysFor } from "./ways";
export { OCTOPUS_SALT_PCT } from "./wet";
