export { handsParts, PLATE_SECONDS, type CardPiece, type CardSpec, type PartHands, type PlatePlace } from "./card";
export { COOKING_MEDIA, MEDIA_GOODS } from "./data/media";
export {
  componentsOf,
  lotsFor,
  piecesThere,
  usableG,
  type Component,
  type ComponentRole,
  type ComponentSpot,
  type Origin,
} from "./components";
export { centsPerSold, costOf, netOfTax, type Cost } from "./cost";
export { allergenLines, dishOf, type AllergenLine, type Dish } from "./dish";
export { modified, type Modified, type Modifier } from "./modifiers";
export { coversLeft, type Demand, type Left, type Supply } from "./tonight";
export type { CardLot, CardMade, CardMoney, CardWorld } from "./world";
