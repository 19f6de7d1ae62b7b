import type { ChainCheck } from "@/core/trace";
import type { Fault } from "@/db/backup";
import { houseFileHere } from "@/db/connection";
import { keep } from "@/server/keeper";
import { standingNow } from "@/server/standing";
import { t } from "@/words/book";
import { momentText } from "@/words/format/format";
import { stateWords } from "@/words/told/stateWords";

/** What was checked, in words that claim no more than that, and whether it fits. */
export type CheckedWords = { readonly words: string; readonly fits: boolean };

const chainWords = (chain: Exclude<ChainCheck, { kind: "whole" }>): string => {
  switch (chain.kind) {
    case "broken":
      return t("theChainBreaksAtEntryAtSeq", { atSeq: chain.atSeq });
    case "cut-off":
      return t("entriesAreMissing", { after: chain.afterSeq, missing: chain.missing });
    case "unguarded":
      return t("guardsAreGone");
  }
};

/** The entries since this server last looked. */
export function checkToday(timeZone: string): CheckedWords {
  const standing = standingNow();
  if (standing.kind === "checking")
    return { words: t("bookIsBeingChecked", { entries: standing.entries }), fits: false };
  if (standing.kind === "wrong") return { words: faultWords(standing.fault, timeZone), fits: false };
  const { chain } = standing;
  return chain.kind === "whole"
    ? { words: t("sealsFitSoFar", { entries: chain.entries }), fits: true }
    : { words: chainWords(chain), fits: false };
}

function faultWords(fault: Fault, timeZone: string): string {
  switch (fault.kind) {
    case "no-file":
    case "damaged":
      return t("theFileIsDamaged");
    case "state":
      return stateWords(fault.state, (atMs) => momentText(atMs, 0, timeZone));
    default:
      return chainWords(fault);
  }
}

/** Every seal, every table, every card and paper; in a thread of its own, for it takes its time. */
export async function checkAll(timeZone: string): Promise<CheckedWords> {
  const asked = await keep("check", { file: houseFileHere() });
  if (!asked.ok) return { words: t("checkIsNotDone"), fits: false };
  const found = asked.value;
  return found.ok
    ? { words: t("everySealFits", found.value), fits: true }
    : { words: faultWords(found.error, timeZone), fits: false };
}
