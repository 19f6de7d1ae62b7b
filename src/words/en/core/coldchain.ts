/** English of what core/coldchain says. */
export const coldchain = {
  aboutAtUntilTheCentreIs: "about {at} until the centre is at {celsius} by estimate, then probe it",
  byEstimateTheCentreIsAt: "by estimate the centre is at {celsius}: probe it, nothing counts before",
  probeTheCentreOrSayWhen: "probe the centre, or say when it reached {hold}: nothing counts before",
  metByBy: "met by {by}",
  theCentreIsAtCelsiusAbove: "the centre is at {celsius}, above {hold}: time stands still",
  itMayHaveWarmedProbeIt:
    "it lay where its centre may have warmed above {hold}: probe the centre, time stands still until then",
  hoursMoreAtHoldOrBelow: "{hours} more at {hold} or below ({nearest})",
  sinceWithoutAReadingProveNothing:
    "{since} without a reading prove nothing: read it now and every {holdgaph} h, or let a sensor watch the freezer; {hoursMissing}",
  probeTheCentreToCloseIt: "probe the centre to close it ({nearest})",
  endsReadAtMostHoldgaphH: "{ends}, read at most {holdgaph} h apart",
  takeItOutRinseDry: "take it out, rinse, dry",
  endsMoreInTheCure: "{ends} more in the cure",
  openOrPierceTheVacuumPack: "open or pierce the vacuum pack before it thaws",
  checkItIsThawedAndAt: "check it is thawed and at {bound} or below",
  endsMoreInRunningWaterAt:
    "{ends} more in running water at {bound} or below, {runningwaterh} h above {bound2} at most in all",
  endsMoreInTheRefrigerator: "{ends} more in the refrigerator",
  theTagMayGo: "the tag may go",
  keepTheTagInDateOrder: "keep the tag in date order, and its animals apart from those of another tag",
  pastItsDaysAliveCheckEvery: "past its days alive: check every one, use or throw out",
  noColumnOfDatesWasFound: "No column of dates was found: one column must hold day and time, as in 2026-03-31 14:05.",
  noColumnOfTemperaturesWasFound: "No column of temperatures was found.",
  theTimeCannotBeRead: "the time cannot be read",
  theTemperatureIsNoNumber: "the temperature is no number",
  celsiusIsNoColdStoreCheck: "{celsius} is no cold store: check the unit or the probe",
  theClocksWentForwardOverThis: "the clocks went forward over this time: is the logger's clock on winter time?",
  liesAheadOfNow: "lies ahead of now",
  noRowCouldBeReadLine: "No row could be read; line {line}: {reason}.",
  theFileHoldsNoRows: "The file holds no rows.",
} as const;
