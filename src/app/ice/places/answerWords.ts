import type { CorrectiveKind } from "@/core/coldchain";
import { t } from "@/words/ice";

type Answer = {
  readonly kind: CorrectiveKind;
  readonly readingC: number | null;
  /** Name of the place everything went to. */
  readonly to: string | null;
  /** Lots that were moved or thrown away. */
  readonly codes: readonly string[];
  readonly action: string;
};

/** What was done about an excursion, in words: what the house did, then the cook's own. */
export function answerWords(answer: Answer, temperature: (celsius: number) => string): string {
  const codes = answer.codes.length === 0 ? "" : ` (${answer.codes.join(", ")})`;
  const did = ((): string => {
    switch (answer.kind) {
      case "probed":
        return t("didProbe", { warmest: answer.readingC === null ? "" : temperature(answer.readingC) });
      case "moved":
        return `${t("didMove", { to: answer.to ?? "" })}${codes}`;
      case "thrown":
        return `${t("didThrow")}${codes}`;
      case "said":
        return "";
    }
  })();
  return [did, answer.action].filter((part) => part !== "").join("; ");
}
