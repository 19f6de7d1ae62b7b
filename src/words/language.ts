/** The language of the house, BCP 47. English is the only one; another is a folder beside `en` with the same files. */
export const LANGUAGE = "en";
