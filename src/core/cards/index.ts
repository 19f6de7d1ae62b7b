export { PLATE_SECONDS, type CardPiece, type CardSpec } from "./card";
export { COOKING_MEDIA } from "./data/media";
export { componentsOf, lotsFor, usableG, type Component, type ComponentRole, type Origin } from "./components";
export { centsPerSold, costOf, netOfTax, type Cost } from "./cost";
export { allergenLines, dishOf, type AllergenLine, type Dish } from "./dish";
export { modified, type Modified, type Modifier } from "./modifiers";
export { coversLeft, type Demand, type Left, type Supply } from "./tonight";
export type { CardLot, CardMade, CardMoney, CardWorld } from "./world";
