"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { LotHold } from "@/db/lots/holds";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

/** The model comes when somebody asks. */
const AirRecord = dynamic(() => import("./AirRecord").then((part) => part.AirRecord), { ssr: false });

/** What the freezer's own record shows of the pack as it was stated: when to probe, never that the rule is met. */
export function AirRecordLine({ held }: { readonly held: LotHold }) {
  const [open, setOpen] = useState(false);
  if (held.hold.kind !== "parasite" || held.pack === null) return null;
  return (
    <details className={page.open} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>{t("whatTheFreezersOwnRecordShows")}</summary>
      {open ? <AirRecord held={held} /> : null}
    </details>
  );
}
