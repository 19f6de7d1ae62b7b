/** English of what core/block says. */
export const block = {
  brinedMeanSaltSeasonNoMore: "brined, {mean} % salt: season no more",
  equilibriumBrineSaltSaltSeasonNo: "equilibrium brine, {salt} % salt: season no more",
  moreStuffingThanFishItWill: "more stuffing than fish: it will not close",
  stuffedTheRuleForStuffedFish: "stuffed: the rule for stuffed fish holds at its centre",
  rolledSeamDown: "rolled, seam down",
  tiedStringOffBeforeItIs: "tied: string off before it is served",
  skewerInsideDrawItBeforeIt: "skewer inside: draw it before it is served",
  breadedGlutenEgg: "breaded: gluten, egg",
  driedMinutesMinSkinSideLast: "dried {minutes} min: skin side last against the air",
  temperedMinutesMin: "tempered {minutes} min",
  theYieldMustBeAboveNothing: "the yield must be above nothing",
  whatIsOnTheIceCovers: "What is on the ice covers it: order nothing.",
  aRoundOfPortionAndHeight:
    "a round of {portion} and {height} is {diameter} wide and does not fit the loin: make it taller, or lighter",
  measureAtLeastTwoStations: "measure at least two points",
  stationsMustRunFromOneEnd: "stations must run from one end to the other, each further on",
  theStationLiesOffTheSide: "the station lies off the side (0 to {length})",
  theSideHasNoThicknessAnywhere: "the side has no thickness anywhere",
  lastServiceIsFar:
    "The last service is {days} days away; half of its {life} days on ice is the most to buy for (common practice).",
} as const;
