export { nextAction, firstToUse, type LotInHand, type NextAction } from "./nextAction";
