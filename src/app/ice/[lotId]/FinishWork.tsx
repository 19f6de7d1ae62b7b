"use client";
import { Segmented } from "antd";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { takeOffIce } from "./actions";
import { Act, useLotAct, type LotFacts } from "./lotAct";
import { FINISH_REASONS, type FinishReason } from "./schema";

/** Off the ice, used up or sent back. */
export function FinishWork({ lotId }: LotFacts) {
  const { act, busy } = useLotAct();
  const [reason, setReason] = useState<FinishReason>("used up");
  return (
    <>
      <Segmented<FinishReason> block value={reason} onChange={setReason} options={[...FINISH_REASONS]} />
      <p className={page.source}>The record stays; what is left is written off under this reason.</p>
      <Act
        busy={busy}
        onClick={() =>
          act(
            takeOffIce,
            { lotId, reason },
            () => "Off the ice.",
            () => "/ice",
          )
        }
      >
        Take it off the ice
      </Act>
    </>
  );
}
