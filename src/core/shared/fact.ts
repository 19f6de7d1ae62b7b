/** What is known of a question that has an answer: nobody having said is an answer of its own, and never speaks for a lot. */
export type Fact = "yes" | "no" | "unknown";

export const factOf = (said: boolean | null | undefined): Fact =>
  said === null || said === undefined ? "unknown" : said ? "yes" : "no";
