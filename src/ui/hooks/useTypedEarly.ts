"use client";
import { useEffect, useRef } from "react";

type Lines = HTMLInputElement | HTMLTextAreaElement;

/** Past React's own setter, which would otherwise know the text already and stay silent. */
function setText(field: Lines, text: string): void {
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, "value")!.set!.call(field, text);
}

function tellText(field: Lines): void {
  const typed = field.value;
  if (typed === field.defaultValue) return;
  field.value = field.defaultValue;
  setText(field, typed);
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

function tellTick(field: HTMLInputElement): void {
  if (field.checked === field.defaultChecked) return;
  field.checked = field.defaultChecked;
  field.click();
}

function tellChoice(field: HTMLSelectElement): void {
  const [chosen] = field.selectedOptions;
  const first = [...field.options].find(({ defaultSelected }) => defaultSelected) ?? field.options[0];
  if (chosen !== first) field.dispatchEvent(new Event("change", { bubbles: true }));
}

function tell(field: Element): void {
  if (field instanceof HTMLSelectElement) tellChoice(field);
  else if (field instanceof HTMLTextAreaElement) tellText(field);
  else if (!(field instanceof HTMLInputElement)) return;
  else if (field.type === "radio" || field.type === "checkbox") tellTick(field);
  else tellText(field);
}

/**
 * What hands typed or chose on a slow tablet before the page came alive stands in the field, and the page knows nothing of it: it is told
 * once, when the field does come alive. `find` gives the field, or what holds its fields.
 */
export function useTypedEarly(find: () => HTMLElement | null | undefined): void {
  const latest = useRef(find);
  useEffect(() => {
    const found = latest.current();
    if (found) [found, ...found.querySelectorAll("input, textarea, select")].forEach(tell);
  }, []);
}
