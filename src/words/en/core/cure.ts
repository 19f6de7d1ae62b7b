/** English of what core/cure says. */
export const cure = {
  saltOfSaltCannotGiveTargetSalt: "{salt} of salt cannot give {targetSalt} %: it takes {target} at least",
  thatMuchSaltDoesNotDissolve: "that much salt does not dissolve in so little water: take more water",
  aBrineCannotHoldMoreThan: "a brine cannot hold more than 26 % of salt",
  thisBrineEndsAtSaltNeededIn:
    "this brine ends at {saltNeeded} % in the fish however long it lies: make it stronger, or more of it",
  afterLongesthDaysItIsStill: "after {longesth} days it is still at {meanConcentration} %: cut it thinner",
  saltSugarAndAcidDoNot: "Salt, sugar and acid do not kill parasites: the raw rule of the house stays.",
  cureAt5COrBelow: "Cure at {bound} or below: at {place} bacteria grow faster than salt moves.",
  theThickestPartHoldsAboutDeepestPhase:
    "The thickest part holds about {deepestPhase} % salt in its water by this model: treat it as raw fish.",
  skinOffItTakesAQuarter: "skin off it takes a quarter of the time; or ",
  atThicknessItDoesNotGet:
    "At {thickness} it does not get even while it keeps: {value}cut it thinner, and slice through the thickness so that every slice has face and middle.",
  overThreeDaysAtThicknessCut: "Over three days at {thickness}: cut it thinner or take the skin off.",
  coldSmokeKillsNoParasiteSay:
    "Cold smoke kills no parasite: say which lot it is; it must meet the parasite rule first.",
  boxIsNeitherColdSmokeNor:
    "{box} is neither cold smoke nor cooking: flesh sets and bacteria grow. Keep it below {coldMax}.",
  aboveLightMaxTheseMinutesCountAs:
    "Above {lightMax} these minutes count as time out of the cold: ice under the tray, or a shorter smoke.",
  aLongColdSmokeWantsSalt: "A long cold smoke wants {salt} % salt in the water first; it has {waterPhase} %.",
  oilTheFleshLightlyCoverThe:
    "Oil the flesh lightly, cover the box; it has been taken up when the box is clear again. Smoke sinks: fish low, smoke above.",
  coldSmokedFishIsRawListeria:
    "Cold-smoked fish is raw: Listeria grows in it at refrigerator temperature; not for guests at risk.",
  neverIntoAVacuumPack:
    "Never into a vacuum pack by this calculation (botulism): have the salt in the water of the thickest part measured, 3.5 % or more; packing fish without air that was not frozen before, during and after is not allowed in US retail without a variance (3-502.11, 3-502.12; memory, high).",
  listeriaCountsAfterFiveDays:
    "Kept over five days, Listeria counts: 100 a gram at most while it keeps, and from 1 July 2026 none in 25 g unless you can show that it does not grow (Reg. (EC) 2073/2005, 1.2, as amended by Reg. (EU) 2024/2895; memory, medium). A laboratory's word is the way to more days.",
  smokedToKeep:
    "Over {longest} h it is smoked to keep: that needs a written plan and, in the US, a variance (3-502.11).",
} as const;
