/** English of what core/butter says. */
export const butter = {
  moreThanIsInThePan: "there are only {ml} ml in the pan: reduce to less than that",
  burntBeforeThen: "it is dry before that: {ml} ml are salt, sugar, extract and fat that do not boil away",
  noWater: "no water at all",
  ratio: "{to} parts fat to one of water",
  holdsBecause: "{ratio}, and {served} lies between {from} and {to}",
  thinBecause: "{ratio}: under 1.5 it is thin and runs off the fish",
  greasyBecause: "{ratio}: over 6 the water can no longer hold the fat, and it leaks",
  tooHotBecause: "{served} is over {to}, the warmest this one holds: the fat runs out of it",
  setsBecause: "{served} is under {from}: the butter stiffens",
  curdlesBecause:
    "{served}: the egg in it has cooked and cannot be brought back; begin again with fresh yolks under {to}",
  sharp: "sharp: {pct} % acid in the sauce; about 1 % is usual",
  warmGently: "warm it gently over a bath, whisking",
  offTheHeat: "off the heat, whisk over a bath of that; if fat has already leaked, a spoon of cold water first",
  addWater: "off the heat, whisk it in bit by bit: the fat needs water around it",
  addFat: "whisk it in cold, piece by piece",
  addToBind: "off the heat: a tenth of the butter in cream carries the heat it has",
  thenToTaste: "nine tenths first, then to taste",
  strongGrowsSlower: "grows slower than the covers: taste before adding more",
  enoughToCover: "enough to cover, by the pot and not by the covers",
  wholePieces: "whole pieces",
} as const;
