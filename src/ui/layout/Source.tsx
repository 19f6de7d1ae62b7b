import { Children, type ReactNode } from "react";
import page from "./page.module.css";
import { FromMemory } from "./FromMemory";

/** A figure written from memory says so, and how sure it is. */
const MEMORY = /\s*\(memory, (high|medium|low)\)/;

/** Every second part of the split is how sure it is. */
const withMarks = (text: string): readonly ReactNode[] =>
  text.split(MEMORY).map((part, index) => (index % 2 === 0 ? part : <FromMemory key={index} sure={part} />));

/** Where a figure or a rule comes from, as it is printed there, small, on a line of its own or within one. */
export function Source({ inline = false, children }: { readonly inline?: boolean; readonly children: ReactNode }) {
  const said = Children.toArray(children).map((part) => (typeof part === "string" ? withMarks(part) : part));
  return inline ? (
    <span className={page.source} data-source>
      {said}
    </span>
  ) : (
    <p className={page.source} data-source>
      {said}
    </p>
  );
}
