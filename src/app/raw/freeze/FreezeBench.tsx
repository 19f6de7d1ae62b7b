"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { ParasiteRuleId } from "@/core/safety";
import { findSpecies, SPECIES } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { useNow } from "@/ui/hooks/useNow";
import { useFreezing } from "@/workers/client/useRaw";
import { beginFreezing } from "./actions";
import { FreezeCurves } from "./FreezeCurves";
import { FreezeForm } from "./FreezeForm";
import { FreezeResult } from "./FreezeResult";
import { firstFreeze, type FreezeAsk, type FreezeLot, type Freezer } from "./freezeAsk";
import { t } from "@/words/raw";
import { AnswerBench } from "@/ui/layout/AnswerBench";

type Props = {
  readonly ruleId: ParasiteRuleId;
  readonly lots: readonly FreezeLot[];
  readonly chosenId: string | null;
  readonly serverNowMs: number;
  readonly freezers: readonly Freezer[];
};

/** The freezing planner: pack and freezer on the left, the hold on the right. */
export function FreezeBench({ ruleId, lots, chosenId, freezers, serverNowMs }: Props) {
  const { ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const nowMs = useNow(serverNowMs, 30_000);
  const [lotId, setLotId] = useState(chosenId);
  const [ask, setAsk] = useState(() => firstFreeze(lots.find(({ id }) => id === chosenId) ?? null, freezers));
  const change = (part: Partial<FreezeAsk>) => setAsk((before) => ({ ...before, ...part }));
  const { speciesId, airC, ...pack } = ask;
  const species = findSpecies(speciesId, ownSpecies) ?? SPECIES[0]!;
  const { answer, problem, working } = useFreezing({ ...pack, composition: species.compositionPct, airC, ruleId });
  const chooseLot = (id: string | null) => {
    setLotId(id);
    const picked = lots.find((one) => one.id === id);
    if (picked) change({ speciesId: picked.speciesId });
  };
  const begin = async () => {
    if (!answer || !lotId) return;
    const { best, reachC } = answer.plan;
    const begun = await act(beginFreezing, { lotId, reachH: best.reachH!, reachC, pack }, () =>
      t("theHoldRunsProbeItWhen"),
    );
    if (begun) router.push(`/ice/${lotId}`);
  };
  return (
    <AnswerBench
      ask={<FreezeForm lots={lots} lotId={lotId} freezers={freezers} ask={ask} onLot={chooseLot} onChange={change} />}
      busy={working}
      problem={problem}
      waiting={t("followingItDown")}
    >
      {answer && !problem ? (
        <>
          <FreezeResult plan={answer.plan} wrap={pack.wrap} nowMs={nowMs} onBegin={lotId ? begin : null} />
          <FreezeCurves answer={answer} />
        </>
      ) : null}
    </AnswerBench>
  );
}
