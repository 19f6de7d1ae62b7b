"use client";
import { Segmented } from "antd";
import dynamic from "next/dynamic";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { MoveWork } from "./MoveWork";
import type { LotFacts } from "./lotAct";
import { t } from "@/words/ice";

/** A work comes when it is chosen. */
const SplitWork = dynamic(() => import("./SplitWork").then((part) => part.SplitWork), { ssr: false });
const WasteWork = dynamic(() => import("./WasteWork").then((part) => part.WasteWork), { ssr: false });
const FinishWork = dynamic(() => import("./FinishWork").then((part) => part.FinishWork), { ssr: false });

const WORKS = [t("move"), t("split"), t("waste"), t("finish")] as const;
type Work = (typeof WORKS)[number];

/** What can be done with a lot; each act writes its own line in the book. */
export function LotWork(props: LotFacts) {
  const [work, setWork] = useState<Work>("Move");
  return (
    <section className={page.card} aria-labelledby="work">
      <h2 id="work">{t("doSomethingWithIt")}</h2>
      <Segmented<Work> block value={work} onChange={setWork} options={[...WORKS]} className={page.below} />
      {work === "Move" ? <MoveWork {...props} /> : null}
      {work === "Split" ? <SplitWork {...props} /> : null}
      {work === "Waste" ? <WasteWork {...props} /> : null}
      {work === "Finish" ? <FinishWork {...props} /> : null}
    </section>
  );
}
