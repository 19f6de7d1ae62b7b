import { type z } from "zod";
import { err, type Refusal, type Result, type Said } from "@/core/shared";
import type { Format } from "@/words/format/format";
import { inMetric, say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/shell";

/** What an action answers when it did not do its work: `code` is the key of the message or what the core said, `message` is for the cook. */
export type ActionError =
  | { readonly kind: "invalidInput"; readonly message: string; readonly fields: Readonly<Record<string, string>> }
  | { readonly kind: "refused"; readonly code: string; readonly message: string };

export const FOREIGN: ActionError = {
  kind: "refused",
  code: "foreign",
  message: t("thisCameFromOutsideTheHouse"),
};

export const refused = (code: string, message: string): ActionError => ({ kind: "refused", code, message });

/** What the core would not do, in its own words. */
export const refusedBy = (spoken: Said): ActionError => refused(spoken.code, sentence(inMetric(spoken)));

/** The same in the units of the house. */
export const bySaid = (spoken: Said, format: Format): ActionError =>
  refused(spoken.code, sentence(say(spoken, format)));

/** What a command answered, in the words of the room: a sentence for every code it can refuse with. */
export const inWords = <T, Kind extends string>(
  done: Result<T, Refusal<Kind>>,
  words: Readonly<Record<Kind, ActionError>>,
): Result<T, ActionError> => (done.ok ? done : err(words[done.error.kind]));

/** One message a field, the first found. */
export function invalidInput(error: z.ZodError): ActionError {
  const fields: Record<string, string> = {};
  for (const issue of error.issues) {
    const field = issue.path.map(String).join(".");
    fields[field] ??= issue.message;
  }
  const first = Object.entries(fields)[0];
  if (!first) return { kind: "invalidInput", message: t("somethingIsMissing"), fields };
  const lot = /^lots\.(\d+)\./.exec(first[0]);
  return {
    kind: "invalidInput",
    message: lot ? t("lotLotFirst", { lot: Number(lot[1]) + 1, first: first[1] }) : first[1],
    fields,
  };
}
