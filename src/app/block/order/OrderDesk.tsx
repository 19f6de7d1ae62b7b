"use client";
import { useState } from "react";
import { answerOrder, breakdownsFor, type WeighedAnimal } from "@/core/block";
import { findSpecies } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import { OrderAnswerView } from "./OrderAnswerView";
import { OrderAsk, usualOf, type Asked } from "./OrderAsk";
import { PlaceIt } from "./PlaceIt";
import { AnswerBench } from "@/ui/layout/AnswerBench";

type Weighed = WeighedAnimal & { readonly speciesId: string; readonly form: string; readonly wayId: string };
/** What a card is short of. */
export type Wanted = { readonly speciesId: string; readonly covers: number; readonly portionG: number };
type Props = {
  readonly onIce: Readonly<Record<string, number>>;
  readonly weighed: readonly Weighed[];
  /** Null: nothing was asked for from elsewhere. */
  readonly wanted: Wanted | null;
  readonly suppliers: readonly string[];
  readonly orderDays: readonly { readonly day: string; readonly noonMs: number }[];
};

/** What to order for a number of covers; every change answers anew. */
export function OrderDesk({ onIce, weighed, wanted, suppliers, orderDays }: Props) {
  const { ownSpecies } = useHouse();
  const [asked, setAsked] = useState<Asked>(() => ({
    ...usualOf(findSpecies(wanted?.speciesId ?? "arctic-char", ownSpecies)!),
    ...(wanted ? { portionG: wanted.portionG } : {}),
    covers: wanted?.covers ?? 80,
    walkIns: 0,
    // what a card is short of is counted in its own covers
    takePct: wanted ? 100 : 30,
    bufferShare: 0.1,
    toleranceG: 10,
    animalG: 1500,
    pricePerKg: 14.5,
    days: 2,
  }));
  const { speciesId, form, wayId, takePct, pricePerKg, days, ...amounts } = asked;
  const species = findSpecies(speciesId, ownSpecies)!;
  const ways = breakdownsFor(species, form);
  const way = ways.find(({ id }) => id === wayId) ?? ways[0]!;
  const onIceG = onIce[speciesId] ?? 0;
  const answer = answerOrder({
    ...amounts,
    species,
    form,
    way,
    takeShare: takePct / 100,
    centsPerKg: pricePerKg * 100,
    daysToLastService: days,
    onIceG,
    weighed: weighed.filter((one) => one.speciesId === speciesId && one.form === form && one.wayId === way.id),
  });
  return (
    <AnswerBench
      ask={<OrderAsk asked={asked} onChange={(part) => setAsked((before) => ({ ...before, ...part }))} />}
      problem={answer.ok ? null : answer.error}
    >
      {answer.ok ? <OrderAnswerView answer={answer.value} animalG={asked.animalG} onIceG={onIceG} /> : null}
      {answer.ok && answer.value.buyG > 0 ? (
        <PlaceIt
          facts={{ speciesId, form, frozen: species.boughtAs.frozen, massG: Math.round(answer.value.buyG), pricePerKg }}
          suppliers={suppliers}
          days={orderDays}
        />
      ) : null}
    </AnswerBench>
  );
}
