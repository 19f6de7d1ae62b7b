import { t } from "@/words/shell";

/** What is wrong with the house of a server, and what to do, without how the machine calls it. */
export const troubleWords = (kind: string): string => t("houseTrouble", { kind: kind.replaceAll("-", "_") });
