"use client";
import page from "@/ui/layout/page.module.css";
import { CrustCard } from "./CrustCard";
import { RollCard } from "./RollCard";
import { RoundCard } from "./RoundCard";
import { ScallopCard } from "./ScallopCard";
import { ShrimpCard } from "./ShrimpCard";

export function CountCards() {
  return (
    <div className={page.split}>
      <div className={page.stack}>
        <ScallopCard />
        <RollCard />
      </div>
      <div className={page.stack}>
        <ShrimpCard />
        <RoundCard />
        <CrustCard />
      </div>
    </div>
  );
}
