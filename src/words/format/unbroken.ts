const BEFORE_A_UNIT = /(?<=\d) (?=(?:°C|°F|mm|in|kg|g|oz|lb|ml|l|fl oz|min|s|h|d|%)(?![a-z]))/g;

/** Words whose figures keep their units beside them where a line breaks. */
export const unbroken = (words: string): string => words.replace(BEFORE_A_UNIT, "\u00a0");
