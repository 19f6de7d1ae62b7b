import type { CookForm } from "@/core/cooking";

/** How an animal is dressed for the heat, as a cook says it. */
export const FORM_WORDS: Readonly<Record<CookForm, string>> = {
  piece: "A piece of flesh",
  whole: "Whole, on the bone or in its shell",
  tails: "Out of the shell",
  shells: "In its shell",
  cake: "Minced and shaped: cakes",
  stuffed: "Stuffed tube",
};
