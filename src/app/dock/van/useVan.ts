"use client";
import { startTransition, useState } from "react";
import type { Species } from "@/core/species";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { t } from "@/words/dock";
import { lastDeliveryOf, type LastLot } from "../actions";
import type { Expected } from "../expected/expected";
import { emptyDraft, withSpecies, type LotDraft } from "./lotDraft";
import { filled, isEmpty, nextLot, orderedLot, saidAnew, type Lender, type Van } from "./van";

/** The lots of a van side by side, one of them in hand; kept on the tablet until they are on ice. */
function useLots(drafts: Van | undefined, { places }: Lender) {
  const home = (places.find(({ kind }) => kind === "cold-room") ?? places[0])?.id ?? null;
  const [supplier, setSupplier] = useState(drafts?.supplier ?? "");
  const [lots, setLots] = useState<readonly LotDraft[]>(() => drafts?.lots ?? [{ ...emptyDraft(home), key: "first" }]);
  const [at, setAt] = useState(0);
  const van = drafts || lots.every(isEmpty) ? null : { supplier, lots };
  const { foundAtMs, forget } = useKeptDraft<Van>(drafts ? "dock file" : "dock", van, (found) => {
    setSupplier(found.supplier);
    setLots(found.lots);
  });
  const remove = (index: number) => {
    setLots((before) => before.filter((_, place) => place !== index));
    setAt((before) => Math.max(0, before >= index ? before - 1 : before));
  };
  const clear = () => {
    setLots([emptyDraft(home)]);
    setAt(0);
    setSupplier("");
    forget();
  };
  const inHand = lots[at] ?? lots[0]!;
  return { supplier, setSupplier, lots, setLots, at, setAt, inHand, foundAtMs, remove, clear };
}

/** A van as it is read in: who brought it, what is on it, and what the delivery before lends. `onProblem`: says why not, or null. */
export function useVan(drafts: Van | undefined, lender: Lender, onProblem: (problem: string | null) => void) {
  const { setSupplier, setLots, setAt, clear, ...van } = useLots(drafts, lender);
  const { supplier, lots, inHand } = van;
  const [last, setLast] = useState<readonly LastLot[]>([]);
  const change = (part: Partial<LotDraft>) => {
    onProblem(null);
    setLots((before) => before.map((lot) => (lot.key === inHand.key ? saidAnew(lot, part, lender) : lot)));
  };
  const chooseSupplier = async (name: string) => {
    setSupplier(name);
    const found = await lastDeliveryOf(name);
    setLast(found);
    setLots((before) => before.map((lot) => filled(lot, found, lender)));
  };
  const chooseSpecies = (species: Species) => change(filled(withSpecies(inHand, species), last, lender));
  const another = (known?: LastLot) => {
    const lot = nextLot(inHand, known, lender);
    // a lot of which nothing was said yet is this one
    if (known && isEmpty(inHand)) return setLots((before) => before.map((one) => (one.key === inHand.key ? lot : one)));
    setLots((before) => [...before, lot]);
    setAt(lots.length);
  };
  const takeOrder = async (order: Expected) => {
    const known = lots.findIndex(({ orderId }) => orderId === order.id);
    if (known >= 0) return setAt(known);
    if (supplier.trim() !== "" && supplier.trim() !== order.supplier && !lots.every(isEmpty))
      return onProblem(t("keepTheVanFirst", { supplier }));
    onProblem(null);
    const species = lender.speciesOf(order.speciesId);
    if (!species) return;
    setSupplier(order.supplier);
    const before = order.supplier === supplier ? last : await lastDeliveryOf(order.supplier);
    const lot = orderedLot(order, species, inHand, before, lender);
    startTransition(() => {
      setLast(before);
      setLots((now) => (now.every(isEmpty) ? [lot] : [...now, lot]));
      setAt(lots.every(isEmpty) ? 0 : lots.length);
    });
  };
  const startOver = () => {
    clear();
    setLast([]);
  };
  return { ...van, setSupplier, setAt, last, change, chooseSupplier, chooseSpecies, another, takeOrder, startOver };
}
