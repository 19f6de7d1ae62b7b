/** English words of what service needs next, said at the line and on the first page. */
export const next = {
  byTime: "{table}, up at {time}",
  inTime: "in {time}",
  nothingForHands: "Nothing for the hands just now.",
  nothingIsCalled: "Nothing is called away. What stands on hold starts nothing.",
  now: "Now",
  overBy: "{time} over",
  then: "Then",
  whatDoIStartNow: "What do I start now?",
  done: "Done",
  inThePan: "It is in",
  isDone: "Done: {what}",
  nextStage: "Done, next",
  panIsBegun: "The clock runs",
} as const;
