import { type z } from "zod";

/** What an action answers when it did not do its work; `message` is for the cook. */
export type ActionError =
  | { readonly kind: "invalidInput"; readonly message: string; readonly fields: Readonly<Record<string, string>> }
  | { readonly kind: "refused"; readonly message: string };

export const FOREIGN: ActionError = {
  kind: "refused",
  message: "This came from outside the house and was not done. Reload the page and try again.",
};

export const refused = (message: string): ActionError => ({ kind: "refused", message });

/** One message a field, the first found. */
export function invalidInput(error: z.ZodError): ActionError {
  const fields: Record<string, string> = {};
  for (const issue of error.issues) {
    const field = issue.path.map(String).join(".");
    fields[field] ??= issue.message;
  }
  const first = Object.entries(fields)[0];
  if (!first) return { kind: "invalidInput", message: "Something is missing.", fields };
  const lot = /^lots\.(\d+)\./.exec(first[0]);
  return { kind: "invalidInput", message: lot ? `Lot ${Number(lot[1]) + 1}: ${first[1]}` : first[1], fields };
}
