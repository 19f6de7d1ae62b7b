"use client";
import { Segmented } from "antd";
import { useState } from "react";
import { takeOffIce } from "./actions";
import { Act, useLotAct, type LotFacts } from "./lotAct";
import { FINISH_REASONS, type FinishReason } from "./reasons";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";

const LABELS: Readonly<Record<FinishReason, string>> = {
  "used up": t("finishUsedUp"),
  "sent back": t("finishSentBack"),
};

/** Off the ice, used up or sent back. */
export function FinishWork({ lotId }: LotFacts) {
  const { act, busy } = useLotAct();
  const [reason, setReason] = useState<FinishReason>("used up");
  return (
    <>
      <Segmented<FinishReason>
        block
        value={reason}
        onChange={setReason}
        options={FINISH_REASONS.map((value) => ({ value, label: LABELS[value] }))}
      />
      <Source>{t("theRecordStaysWhatIsLeft")}</Source>
      <Act
        busy={busy}
        onClick={() =>
          act(
            takeOffIce,
            { lotId, reason },
            () => t("offTheIce"),
            () => "/ice",
          )
        }
      >
        {t("takeItOffTheIce")}
      </Act>
    </>
  );
}
