"use client";
import { Alert, AutoComplete, Button } from "antd";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { startTransition, useEffect, useRef, useState } from "react";
import { findSpecies, type Species } from "@/core/species";
import type { Advice } from "@/db/house/advice";
import type { Place } from "@/db/house/places";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { Field } from "@/ui/form/Field";
import { lookFirst } from "@/ui/form/unsettled";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { DraftNote } from "@/ui/layout/DraftNote";
import page from "@/ui/layout/page.module.css";
import { keepDelivery, lastDeliveryOf, type LastLot, type Received } from "./actions";
import type { UsualFigures } from "@/db/lots/usualFigures";
import { CheckCard } from "./CheckCard";
import type { Expected } from "./expected";
import styles from "./Dock.module.css";
import { FactsCard } from "./FactsCard";
import { fromLastTime, placeFor } from "./lastTime";
import { LotTabs } from "./LotTabs";
import { emptyDraft, inputOf, lackOf, readDraft, withSpecies, type LotDraft } from "./lotDraft";
import { PapersCard } from "./PapersCard";
import { VerdictPanel } from "./VerdictPanel";
import { t } from "@/words/dock";

type Props = {
  readonly suppliers: readonly string[];
  readonly places: readonly Place[];
  readonly advice: readonly Advice[];
  readonly serverNowMs: number;
  /** Where each kind of lot was put last time. */
  readonly usualPlaces: Readonly<Record<string, string>>;
  /** What a lot of each species weighed and cost here before. */
  readonly usualFigures: Readonly<Record<string, UsualFigures>>;
  /** An order that has just come through the door: it becomes a lot of this van. */
  readonly came?: Came | null;
  /** Lots read from a file, waiting to be looked at. */
  readonly drafts?: { readonly supplier: string; readonly lots: readonly LotDraft[] };
};

export type Came = { readonly order: Expected; readonly atMs: number };

type Van = { readonly supplier: string; readonly lots: readonly LotDraft[] };

/** Nothing was said of it yet. */
const isEmpty = ({ speciesId, orderId, mass, receipt, grades }: LotDraft): boolean =>
  speciesId === null &&
  (orderId ?? null) === null &&
  mass === null &&
  receipt === null &&
  Object.keys(grades).length === 0;

/** The receiving desk: one van, its lots side by side, facts and signs on the left, the verdict always in sight. */
export function DeliveryDesk(props: Props) {
  const { suppliers, places, advice, serverNowMs, usualPlaces, usualFigures, drafts, came = null } = props;
  const { format, ruleSetId, ownSpecies } = useHouse();
  const router = useRouter();
  const coldRoom = places.find(({ kind }) => kind === "cold-room") ?? places[0];
  const [supplier, setSupplier] = useState(drafts?.supplier ?? "");
  const [lots, setLots] = useState<readonly LotDraft[]>(
    () => drafts?.lots ?? [{ ...emptyDraft(coldRoom?.id ?? null), key: "first" }],
  );
  const [at, setAt] = useState(0);
  const [last, setLast] = useState<readonly LastLot[]>([]);
  const [kept, setKept] = useState<readonly Received[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const van = drafts || lots.every(isEmpty) ? null : { supplier, lots };
  const { foundAtMs, forget } = useKeptDraft<Van>(drafts ? "dock file" : "dock", van, (found) => {
    setSupplier(found.supplier);
    setLots(found.lots);
  });
  const draft = lots[at] ?? lots[0]!;
  const change = (part: Partial<LotDraft>) => {
    setProblem(null);
    // what a hand says is no longer taken over
    const said = (lot: LotDraft) => lot.takenOver.filter((key) => !(key in part));
    setLots((before) =>
      before.map((lot) => (lot.key === draft.key ? placed({ ...lot, takenOver: said(lot), ...part }) : lot)),
    );
  };
  const read = lots.map((lot) => {
    const species = lot.speciesId ? findSpecies(lot.speciesId, ownSpecies) : undefined;
    return species ? readDraft(lot, species, { ruleSetId, nowMs: serverNowMs, format, advice }) : null;
  });
  const here = read[at] ?? null;

  const speciesOf = (id: string) => findSpecies(id, ownSpecies);
  const placed = (lot: LotDraft): LotDraft => {
    const species = lot.speciesId ? speciesOf(lot.speciesId) : undefined;
    return species && !lot.placeByHand ? { ...lot, placeId: placeFor(lot, species, usualPlaces, places) } : lot;
  };
  /** With what the delivery before says of this fish, and where its kind goes. */
  const filled = (lot: LotDraft, known: readonly LastLot[]): LotDraft =>
    placed({ ...lot, ...fromLastTime(lot, known, speciesOf) });
  const chooseSupplier = async (name: string) => {
    setSupplier(name);
    const found = await lastDeliveryOf(name);
    setLast(found);
    setLots((before) => before.map((lot) => filled(lot, found)));
  };
  const chooseSpecies = (species: Species) => change(filled(withSpecies(draft, species), last));
  const another = (known?: LastLot) => {
    const next = { ...emptyDraft(draft.placeId), caughtOn: draft.caughtOn };
    const species = known && speciesOf(known.speciesId);
    const lot =
      known && species
        ? filled({ ...withSpecies(next, species), form: known.form, frozen: known.frozen }, [known])
        : next;
    // a lot of which nothing was said yet is this one
    if (known && isEmpty(draft)) return setLots((before) => before.map((one) => (one.key === draft.key ? lot : one)));
    setLots((before) => [...before, lot]);
    setAt(lots.length);
  };
  /** What was ordered fills what it can say; weight and temperature are for the scale and the probe. */
  const takeOrder = async ({ id, supplier: from, speciesId, form, frozen, pricePerKg }: Expected) => {
    const known = lots.findIndex(({ orderId }) => orderId === id);
    if (known >= 0) return setAt(known);
    if (supplier.trim() !== "" && supplier.trim() !== from && !lots.every(isEmpty))
      return setProblem(t("keepTheVanFirst", { supplier }));
    setProblem(null);
    const species = speciesOf(speciesId);
    if (!species) return;
    setSupplier(from);
    const before = from === supplier ? last : await lastDeliveryOf(from);
    const ordered = { ...withSpecies(emptyDraft(draft.placeId), species), form, frozen, orderId: id };
    const lent = filled(ordered, before);
    // the price is the order's own, not one of last time
    const takenOver = lent.takenOver.filter((key) => key !== "pricePerKg");
    const lot = pricePerKg === null ? lent : { ...lent, pricePerKg, takenOver };
    startTransition(() => {
      setLast(before);
      setLots((now) => (now.every(isEmpty) ? [lot] : [...now, lot]));
      setAt(lots.every(isEmpty) ? 0 : lots.length);
    });
  };
  const taken = useRef(0);
  useEffect(() => {
    if (!came || came.atMs === taken.current) return;
    taken.current = came.atMs;
    void takeOrder(came.order).then(() => desk.current?.scrollIntoView({ block: "start" }));
  });
  const desk = useRef<HTMLFormElement>(null);
  const remove = (index: number) => {
    setLots((before) => before.filter((_, place) => place !== index));
    setAt((before) => Math.max(0, before >= index ? before - 1 : before));
  };

  const startEmpty = () => {
    setLots([emptyDraft(coldRoom?.id ?? null)]);
    setAt(0);
    setSupplier("");
    setLast([]);
    forget();
  };

  const keep = async () => {
    setProblem(null);
    const look = lookFirst();
    if (look) return setProblem(look);
    if (supplier.trim() === "") return setProblem(t("whoBroughtIt"));
    const lacks = lots.map((lot, index) => lackOf(lot, read[index]?.judgement ?? null));
    const lacking = lacks.findIndex((lack) => lack !== null);
    if (lacking >= 0) {
      setAt(lacking);
      return setProblem(
        lots.length === 1 ? lacks[lacking]! : t("lotLackingLacks", { lacking: lacking + 1, lacks: lacks[lacking]! }),
      );
    }
    setBusy(true);
    const answer = await askOnce(keepDelivery, { supplier, lots: lots.map((lot) => inputOf(lot, format)) });
    setBusy(false);
    if (!answer) return setProblem(UNANSWERED);
    if (!answer.ok) return setProblem(answer.error.message);
    setKept(answer.value);
    startEmpty();
    window.scrollTo({ top: 0 });
    router.refresh();
  };

  return (
    <form
      ref={desk}
      className={styles.desk}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className={page.stack}>
        {kept.length > 0 ? <KeptNote kept={kept} /> : null}
        <DraftNote foundAtMs={foundAtMs} onStartOver={startEmpty} />
        <section className={page.card} aria-label={t("delivery")}>
          <div className={styles.van}>
            <Field label={t("supplier")}>
              {(id) => (
                <AutoComplete
                  id={id}
                  value={supplier}
                  className={page.full ?? ""}
                  options={suppliers.map((value) => ({ value }))}
                  filterOption={(typed, option) => (option?.value ?? "").toLowerCase().includes(typed.toLowerCase())}
                  onChange={setSupplier}
                  onSelect={chooseSupplier}
                />
              )}
            </Field>
            <LotTabs lots={lots} read={read} at={at} onGo={setAt} onRemove={remove} onAnother={() => another()} />
          </div>
          {last.length > 0 ? (
            <p className={styles.again}>
              {t("lastTimeAlso")}{" "}
              {last
                .filter(({ speciesId }) => !lots.some((lot) => lot.speciesId === speciesId))
                .map((known) => (
                  <Button key={`${known.speciesId}-${known.form}`} size="small" onClick={() => another(known)}>
                    {findSpecies(known.speciesId, ownSpecies)?.name ?? known.speciesId}
                  </Button>
                ))}
            </p>
          ) : null}
        </section>
        <FactsCard
          key={draft.key}
          draft={draft}
          places={places}
          usual={draft.speciesId ? usualFigures[draft.speciesId] : undefined}
          serverNowMs={serverNowMs}
          onChange={change}
          onSpecies={chooseSpecies}
        />
        <CheckCard draft={draft} read={here} onChange={change} />
        {here ? <PapersCard draft={draft} papers={here.papers} onChange={change} /> : null}
      </div>
      <VerdictPanel
        read={here}
        lotCount={lots.length}
        problem={problem}
        busy={busy}
        verdicts={read.map((one) => one?.judgement ?? null)}
      />
    </form>
  );
}

function KeptNote({ kept }: { readonly kept: readonly Received[] }) {
  const iced = kept.filter(({ verdict }) => verdict !== "refuse");
  const sent = kept.filter(({ verdict }) => verdict === "refuse");
  const codes = (lots: readonly Received[]) => lots.map(({ code }) => code).join(", ");
  const title = [
    iced.length > 0 ? t("onIceAsIced", { iced: codes(iced) }) : "",
    sent.length > 0 ? t("refusedAndKeptOnRecordAs", { sent: codes(sent) }) : "",
  ].join(" ");
  const only = kept.length === 1 ? kept[0] : undefined;
  return (
    <Alert
      type={iced.length === 0 ? "warning" : "success"}
      showIcon
      closable
      title={title.trim()}
      action={
        <>
          {sent.map(({ lotId, code }) => (
            <p key={lotId}>
              <Link href={`/dock/slip/${lotId}`}>{t("slipFor", { code })}</Link>
            </p>
          ))}
          {only ? <Link href={`/ice/${only.lotId}`}>{t("openTheLot")}</Link> : <Link href="/ice">{t("toTheIce")}</Link>}
        </>
      }
    />
  );
}
