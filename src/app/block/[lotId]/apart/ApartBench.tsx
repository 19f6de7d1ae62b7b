"use client";
import { sumOf } from "@/core/numeric";
import { Alert, Button, Segmented } from "antd";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { usualLossPct, type Part } from "@/core/block";
import { AnimalDrawing } from "@/ui/drawings/AnimalDrawing";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { DraftNote } from "@/ui/layout/DraftNote";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import { takeApart } from "./actions";
import styles from "./Apart.module.css";
import { PartRow, type Weighed } from "./PartRow";
import { ScaleReading } from "./ScaleReading";
import { StepsCard } from "./StepsCard";
import type { Way } from "./way";
import { t } from "@/words/block";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly placeId: string | null;
  readonly places: readonly { readonly id: string; readonly name: string }[];
  readonly hasScale: boolean;
  readonly ways: readonly Way[];
};

/** The block: choose the way, follow the steps, weigh what comes off. */
export function ApartBench({ lotId, leftG, placeId, places, hasScale, ways }: Props) {
  const { format } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const home = placeId ?? places[0]?.id ?? "";
  const [wayId, setWayId] = useState(ways[0]!.id);
  const way = ways.find(({ id }) => id === wayId)!;
  const [wholeG, setWholeG] = useState(leftG);
  const [weighed, setWeighed] = useState<Readonly<Record<string, Weighed>>>({});
  const lay = (on: {
    readonly wayId: string;
    readonly wholeG: number;
    readonly weighed: Readonly<Record<string, Weighed>>;
  }) => {
    // a way that is no more is none
    setWayId(ways.find(({ id }) => id === on.wayId)?.id ?? ways[0]!.id);
    setWholeG(on.wholeG);
    setWeighed(on.weighed);
  };
  const draft = useKeptDraft(`apart ${lotId}`, { wayId, wholeG, weighed }, lay);
  const startOver = () => {
    lay({ wayId: ways[0]!.id, wholeG: leftG, weighed: {} });
    draft.forget();
  };
  const [active, setActive] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const inputs = useRef(new Map<string, HTMLInputElement | null>());

  const of = (part: Part): Weighed => weighed[part.id] ?? { massG: null, use: part.use, placeId: home };
  const change = (part: Part, to: Partial<Weighed>) =>
    setWeighed((before) => ({ ...before, [part.id]: { ...of(part), ...to } }));
  const pick = (partId: string) => {
    setActive(partId);
    inputs.current.get(partId)?.focus();
  };
  const next = (after: string) => {
    const at = way.parts.findIndex(({ id }) => id === after);
    const open = [...way.parts.slice(at + 1), ...way.parts].find(
      (part) => part.id !== after && of(part).massG === null,
    );
    if (open) pick(open.id);
  };
  const take = (massG: number) => {
    const part = way.parts.find(({ id }) => id === active) ?? way.parts.find((one) => of(one).massG === null);
    if (!part) return;
    change(part, { massG });
    next(part.id);
  };
  const parts = way.parts.map((part) => ({ part, ...of(part) }));
  const sumG = sumOf(parts, ({ massG }) => massG ?? 0);
  const lossG = wholeG - sumG;
  const kept = parts.filter(({ massG, use }) => massG !== null && massG > 0 && use !== "waste").length;
  const write = async () => {
    setBusy(true);
    const done = await act(
      takeApart,
      {
        lotId,
        wayId,
        wholeG,
        parts: parts.flatMap(({ part, massG, use, placeId: to }) =>
          massG !== null && massG > 0 ? [{ partId: part.id, massG, use, placeId: to }] : [],
        ),
      },
      (codes) => (codes.length === 0 ? t("writtenDown") : t("onIceAsCodes", { codes: codes.join(", ") })),
    );
    setBusy(false);
    if (!done) return;
    draft.done();
    router.push(wholeG >= leftG - 1 ? "/block" : `/ice/${lotId}`);
  };

  return (
    <div className={styles.bench}>
      <div className={page.stack}>
        <DraftNote foundAtMs={draft.foundAtMs} onStartOver={startOver} />
        <section className={page.card}>
          {ways.length > 1 ? (
            <Segmented<string>
              block
              value={wayId}
              onChange={(id) => {
                setWayId(id);
                setActive(null);
              }}
              options={ways.map(({ id, label }) => ({ value: id, label }))}
              aria-label={t("wayToBreakItDown")}
            />
          ) : (
            <h2>{way.label}</h2>
          )}
          <p className={`${page.sub} ${page.around}`}>{way.why}</p>
          <AnimalDrawing
            animal={way.animal}
            parts={way.parts}
            active={active}
            done={new Set(parts.filter(({ massG }) => massG !== null).map(({ part }) => part.id))}
            onPick={pick}
          />
        </section>
        <StepsCard key={way.id} way={way} />
      </div>
      <section className={page.card}>
        <div className={styles.whole}>
          <QuantityField label={t("onTheBlock")} kind="mass" value={wholeG} min={5} max={leftG} onChange={setWholeG} />
          <LossFigure sumG={sumG} wholeG={wholeG} parts={way.parts} />
        </div>
        <ScaleReading hasScale={hasScale} onTake={take} />
        <ul className={styles.parts}>
          {parts.map(({ part, ...of }, index) => (
            <PartRow
              key={part.id}
              part={part}
              weighed={of}
              own={way.own.find(({ partId }) => partId === part.id)}
              number={index + 1}
              wholeG={wholeG}
              active={part.id === active}
              places={places}
              onInput={(element) => inputs.current.set(part.id, element)}
              onActive={() => setActive(part.id)}
              onNext={() => next(part.id)}
              onChange={(to) => change(part, to)}
            />
          ))}
        </ul>
        {lossG < -0.01 * wholeG ? (
          <Alert type="error" showIcon title={t("thePartsWeighLossMoreThan", { loss: format.mass(-lossG) })} />
        ) : null}
        <Button
          type="primary"
          size="large"
          block
          loading={busy}
          disabled={sumG === 0 || lossG < -0.01 * wholeG}
          onClick={write}
        >
          {kept === 0 ? t("writeItDown") : t("writeItDownKeptLots", { kept })}
        </Button>
        <YieldSources parts={way.parts} />
      </section>
    </div>
  );
}

type LossProps = { readonly sumG: number; readonly wholeG: number; readonly parts: readonly Part[] };

/** What is not accounted for yet, beside what is usually lost. */
function LossFigure({ sumG, wholeG, parts }: LossProps) {
  const { format } = useHouse();
  const lossG = Math.max(0, wholeG - sumG);
  const expectedLoss = usualLossPct(parts).toFixed(0);
  return (
    <p data-testid="loss">
      <span className={page.big}>{format.mass(lossG)}</span>
      <br />
      <span className="muted">
        {sumG === 0
          ? t("toWeighUsuallyExpectedLossIsLost", { expectedLoss })
          : t("notAccountedForLossUsuallyExpectedLoss", { loss: ((100 * lossG) / wholeG).toFixed(0), expectedLoss })}
      </span>
    </p>
  );
}

function YieldSources({ parts }: { readonly parts: readonly Part[] }) {
  return (
    <details className={page.open}>
      <summary>{t("whereTheFiguresComeFrom")}</summary>
      <ul className={page.source}>
        {parts.map(({ id, label, source }) => (
          <li key={id}>
            {label}: {source}
          </li>
        ))}
      </ul>
      <Source>{t("theRangeIsThatOfGood")}</Source>
    </details>
  );
}
