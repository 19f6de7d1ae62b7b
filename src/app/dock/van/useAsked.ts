import { useEffect, useState, type RefObject } from "react";
import type { AskedAt } from "./lotDraft";

/** Goes to the field whose answer lacks, once it is on the desk: a fold opens and another lot of the van comes to the front first. */
export function useAsked(desk: RefObject<HTMLElement | null>): (at: AskedAt) => void {
  const [asked, setAsked] = useState<{ readonly at: AskedAt } | null>(null);
  useEffect(() => {
    const field = asked && desk.current?.querySelector(`[data-answers="${asked.at}"]`);
    if (!field) return;
    // of the signs, the first that is not looked at
    const sign = field.querySelector("fieldset:not([data-graded])");
    (sign ?? field).querySelector("input")?.focus({ preventScroll: true });
    (sign ?? field).scrollIntoView({ block: "center" });
  }, [asked, desk]);
  return (at) => setAsked({ at });
}
