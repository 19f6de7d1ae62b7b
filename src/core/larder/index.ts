export { allergensByLabel, allergenStates, allergensTogether, type Allergens, type AllergenState } from "./allergens";
export { centsOf, shareCents } from "./cents";
export { partItemId, type ItemFacts, type SpotFacts } from "./item";
