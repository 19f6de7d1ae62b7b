import { partCooking } from "./partCooking";

describe("cooked in two goes", () => {
  // FDA Food Code 2022, 3-401.14: first heating 60 min at most, cooled by 3-501.14, then to the full value of 3-401.11 (memory, high)
  test("US: an hour at most, two steps down, 63 °C for 15 s, and the authority asked first", () => {
    const steps = partCooking("fda-2022", "fish", 3600);
    expect(steps.first).toEqual({ takesS: 3600, mostS: 3600, fits: true });
    expect(steps.cool.stages.map(({ toC, limitMin }) => [toC, limitMin])).toEqual([
      [21, 120],
      [5, 360],
    ]);
    expect([steps.keepAtMostC, steps.second.rule, steps.approval]).toEqual([
      5,
      { atC: 63, seconds: 15 },
      "authority-first",
    ]);
    expect(partCooking("fda-2022", "fish", 3601).first.fits).toBe(false);
    expect(partCooking("fda-2022", "comminuted", 60).second.rule).toEqual({ atC: 68, seconds: 17 });
  });

  // Reg. (EC) 852/2004, Art. 5: no time named, the house's own plan (memory, medium)
  test("elsewhere no time is named, and the absence is not a yes", () => {
    for (const ruleSetId of ["eu-853", "uk-2013"] as const) {
      const { first, approval } = partCooking(ruleSetId, "fish", 7200);
      expect([first.mostS, first.fits, approval]).toEqual([null, null, "own-plan"]);
    }
    expect(partCooking("eu-853", "bath", 600).second.figure).toBe("plan");
  });
});
