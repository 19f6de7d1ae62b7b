"use client";
import { t } from "@/words/ui";

/** Fields on the page whose text is not a number the house can take: nothing is done until they are. */
const fields = new Set<HTMLElement>();

export function setUnsettled(field: HTMLElement, is: boolean): void {
  if (is) fields.add(field);
  else fields.delete(field);
}

const nameOf = (field: HTMLElement): string =>
  field.getAttribute("aria-label") ?? (field as HTMLInputElement).labels?.[0]?.textContent ?? t("aField");

/** What has to be looked at before anything is done, the finger already on it; null: nothing. */
export function lookFirst(): string | null {
  const field = [...fields].find((one) => one.isConnected);
  if (!field) return null;
  field.focus();
  return t("lookAtTheField", { label: nameOf(field) });
}
