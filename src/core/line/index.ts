export { nextAction, useFirst, type LotInHand, type NextAction } from "./nextAction";
