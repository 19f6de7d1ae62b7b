"use client";
import { useState } from "react";
import page from "./page.module.css";
import { t } from "@/words/ui";

/** An "i" that opens how sure a figure written from memory is, in words; it stands in running text. */
export function FromMemory({ sure }: { readonly sure: string }) {
  const [open, setOpen] = useState(false);
  return (
    <span className={page.sure}>
      <button type="button" aria-label={t("howSureIsIt")} aria-expanded={open} onClick={() => setOpen(!open)}>
        i
      </button>
      {open ? t("fromMemory", { sure }) : null}
    </span>
  );
}
