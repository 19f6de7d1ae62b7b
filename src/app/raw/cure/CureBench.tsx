"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { beginHold } from "@/app/ice/[lotId]/actions";
import { findSpecies, SPECIES } from "@/core/species";
import { hoursText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { useCure } from "@/workers/client/useRaw";
import { CureCurves } from "./CureCurves";
import { CureForm } from "./CureForm";
import { CureResult } from "./CureResult";
import { cureRequest, firstCure, type CureAsk } from "@/house/raw/cureAsk";
import { recipeOf, type CureLot } from "./cureAsk";
import { t } from "@/words/raw";
import { AnswerBench } from "@/ui/layout/AnswerBench";

/** The cure: what goes on, how it goes in, when it comes out. */
export function CureBench({ lots }: { readonly lots: readonly CureLot[] }) {
  const { format, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const [lotId, setLotId] = useState<string | null>(null);
  const [ask, setAsk] = useState(() => firstCure(findSpecies("ocean-trout")!.portion.thicknessMm));
  const species = findSpecies(ask.speciesId, ownSpecies) ?? SPECIES[0]!;
  const { answer: plan, problem, working } = useCure(cureRequest(ask, species));
  const change = (part: Partial<CureAsk>) => setAsk((before) => ({ ...before, ...part }));
  const chooseLot = (id: string | null) => {
    setLotId(id);
    const lot = lots.find((one) => one.id === id);
    if (lot) change({ speciesId: lot.speciesId, massG: Math.round(lot.massG), thicknessMm: lot.thicknessMm });
  };
  const begin = async () => {
    if (!plan || !lotId) return;
    const rest = plan.even ? t("restRest", { rest: hoursText(plan.restH) }) : "";
    const note = `${recipeOf(ask)}, ${format.length(ask.thicknessMm)}${rest}`;
    const plannedH = Math.round(plan.stopH * 100) / 100;
    const begun = await act(beginHold, { kind: "cure", lotId, plannedH, note }, () => t("theCureRunsItIsIn"));
    if (begun) router.push("/ice/holds");
  };
  return (
    <AnswerBench
      ask={<CureForm lots={lots} lotId={lotId} ask={ask} onLot={chooseLot} onChange={change} />}
      busy={working}
      problem={problem}
      waiting={t("followingTheSalt")}
    >
      {plan && !problem ? (
        <>
          <CureResult plan={plan} onBegin={lotId ? begin : null} />
          <CureCurves
            plan={plan}
            skin={ask.skin}
            fatPct={species.compositionPct.fat}
            targetSaltPct={ask.targetSaltPct}
          />
        </>
      ) : null}
    </AnswerBench>
  );
}
