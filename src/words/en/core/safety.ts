/** English of what core/safety says. */
export const safety = {
  at: "{at}",
  atForSecondsS: "{at} for {seconds} s",
  atForSecondsMin: "{at} for {seconds} min",
  ruleEverywhere: "{rule} everywhere ({purpose})",
  ruleAndSection: "{asks}; {section}",
  reachesTheFigureTakenByDefault:
    "Reaches the figure taken by default; the law has none, so your own plan must set it. The local authority decides.",
  theLawHasNoFigureFor:
    "The law has no figure for it; your own plan must set it. Say on the menu that it is served under-cooked, and keep it from guests at risk.",
  theLawHasNoFigureHere: "The law has no figure here; your own plan must set it. {underAdvice}",
  meetsTheRuleNamedTheLocal: "Meets the rule named; the local authority decides.",
  frozenAt: "{hold} for {hours} h",
  frozenSolidThen: "{reach} until solid, then {hold} for {hours} h",
} as const;
