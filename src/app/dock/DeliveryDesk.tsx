"use client";
import { AutoComplete, Button } from "antd";
import { useEffect, useRef, useState } from "react";
import { findSpecies } from "@/core/species";
import type { Advice } from "@/db/house/advice";
import type { Place } from "@/db/house/places";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { Field } from "@/ui/form/Field";
import { lookFirst } from "@/ui/form/unsettled";
import { useHouse } from "@/ui/hooks/HouseContext";
import { DraftNote } from "@/ui/layout/DraftNote";
import page from "@/ui/layout/page.module.css";
import { useRefresh } from "@/ui/reach/useRefresh";
import { keepDelivery, type Received } from "./actions";
import type { UsualFigures } from "@/db/lots/usualFigures";
import { CheckCard } from "./lot/CheckCard";
import type { Expected } from "./expected/expected";
import styles from "./Dock.module.css";
import { FactsCard } from "./lot/FactsCard";
import { KeptNote } from "./KeptNote";
import { LotTabs } from "./van/LotTabs";
import { inputOf, lackOf, readDraft } from "./van/lotDraft";
import { PapersCard } from "./lot/PapersCard";
import { useAsked } from "./van/useAsked";
import { useVan } from "./van/useVan";
import type { Van } from "./van/van";
import { VerdictPanel } from "./lot/VerdictPanel";
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
  readonly drafts?: Van;
};

export type Came = { readonly order: Expected; readonly atMs: number };

/** The receiving desk: one van, its lots side by side, facts and signs on the left, the verdict always in sight. */
export function DeliveryDesk(props: Props) {
  const { suppliers, places, advice, serverNowMs, usualPlaces, usualFigures, drafts, came = null } = props;
  const { format, ruleSetId, ownSpecies } = useHouse();
  const refresh = useRefresh();
  const [kept, setKept] = useState<readonly Received[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const lender = { usualPlaces, places, speciesOf: (id: string) => findSpecies(id, ownSpecies) };
  const van = useVan(drafts, lender, setProblem);
  const { supplier, lots, at, last, inHand: draft } = van;
  const read = lots.map((lot) => {
    const species = lot.speciesId ? lender.speciesOf(lot.speciesId) : undefined;
    return species ? readDraft(lot, species, { ruleSetId, nowMs: serverNowMs, format, advice }) : null;
  });
  const here = read[at] ?? null;
  const taken = useRef(0);
  const desk = useRef<HTMLFormElement>(null);
  const askAt = useAsked(desk);
  useEffect(() => {
    if (!came || came.atMs === taken.current) return;
    taken.current = came.atMs;
    void van.takeOrder(came.order).then(() => desk.current?.scrollIntoView({ block: "start" }));
  });

  const keep = async () => {
    setProblem(null);
    const look = lookFirst();
    if (look) return setProblem(look);
    if (supplier.trim() === "") {
      askAt("supplier");
      return setProblem(t("whoBroughtIt"));
    }
    const lacks = lots.map((lot, index) => lackOf(lot, read[index]?.judgement ?? null));
    const lacking = lacks.findIndex((lack) => lack !== null);
    const lack = lacks[lacking];
    if (lack) {
      van.setAt(lacking);
      askAt(lack.at);
      return setProblem(
        lots.length === 1 ? lack.words : t("lotLackingLacks", { lacking: lacking + 1, lacks: lack.words }),
      );
    }
    setBusy(true);
    const answer = await askOnce(keepDelivery, { supplier, lots: lots.map((lot) => inputOf(lot, format)) });
    setBusy(false);
    if (!answer) return setProblem(UNANSWERED);
    if (!answer.ok) return setProblem(answer.error.message);
    setKept(answer.value);
    van.startOver();
    window.scrollTo({ top: 0 });
    refresh();
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
        <DraftNote foundAtMs={van.foundAtMs} onStartOver={van.startOver} />
        <section className={page.card} aria-label={t("delivery")}>
          <div className={styles.van}>
            <Field label={t("supplier")} answers="supplier">
              {(id) => (
                <AutoComplete
                  id={id}
                  value={supplier}
                  className={page.full ?? ""}
                  options={suppliers.map((value) => ({ value }))}
                  filterOption={(typed, option) => (option?.value ?? "").toLowerCase().includes(typed.toLowerCase())}
                  onChange={van.setSupplier}
                  onSelect={van.chooseSupplier}
                />
              )}
            </Field>
            <LotTabs
              lots={lots}
              read={read}
              at={at}
              onGo={van.setAt}
              onRemove={van.remove}
              onAnother={() => van.another()}
            />
          </div>
          {last.length > 0 ? (
            <p className={styles.again}>
              {t("lastTimeAlso")}{" "}
              {last
                .filter(({ speciesId }) => !lots.some((lot) => lot.speciesId === speciesId))
                .map((known) => (
                  <Button key={`${known.speciesId}-${known.form}`} size="small" onClick={() => van.another(known)}>
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
          onChange={van.change}
          onSpecies={van.chooseSpecies}
        />
        <CheckCard draft={draft} read={here} onChange={van.change} />
        {here ? <PapersCard draft={draft} papers={here.papers} onChange={van.change} /> : null}
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
