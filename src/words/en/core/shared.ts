/** English of what core/shared says. */
export const shared = {
  nothing: "nothing",
  one: "{part}",
  or: "{before} or {part}",
  next: "{before}, {part}",
  then: "{before}; {part}",
  plannerStopped: "The planner stopped. Reload the page.",
} as const;
