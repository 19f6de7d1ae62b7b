"use client";
import { Alert, Button, Checkbox, InputNumber, Segmented, Select } from "antd";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { PART_USES, PART_USE_IDS, type AnimalId, type Part, type PartUse, type PartYield } from "@/core/block";
import { AnimalDrawing } from "@/ui/drawings/AnimalDrawing";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import { useAct } from "@/ui/hooks/useAct";
import { takeApart } from "./actions";
import styles from "./Apart.module.css";
import { ScaleReading } from "./ScaleReading";
import { t } from "@/words/block";

export type Way = {
  readonly id: string;
  readonly animal: AnimalId;
  readonly label: string;
  readonly why: string;
  readonly steps: readonly { readonly do: string; readonly keep: readonly string[]; readonly care?: string }[];
  readonly parts: readonly Part[];
  readonly own: readonly PartYield[];
};

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly placeId: string | null;
  readonly places: readonly { readonly id: string; readonly name: string }[];
  readonly hasScale: boolean;
  readonly ways: readonly Way[];
};

type Weighed = { readonly massG: number | null; readonly use: PartUse; readonly placeId: string };

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
  const [active, setActive] = useState<string | null>(null);
  const [stepsDone, setStepsDone] = useState<ReadonlySet<number>>(new Set());
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
  const sumG = parts.reduce((sum, { massG }) => sum + (massG ?? 0), 0);
  const lossG = wholeG - sumG;
  const kept = parts.filter(({ massG, use }) => massG !== null && massG > 0 && use !== "waste").length;
  const expectedLoss = Math.max(0, 100 - way.parts.reduce((sum, { pct }) => sum + pct[1], 0));
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
    if (done) router.push(wholeG >= leftG - 1 ? "/block" : `/ice/${lotId}`);
  };

  return (
    <div className={styles.bench}>
      <div className={page.stack}>
        <section className={page.card}>
          {ways.length > 1 ? (
            <Segmented<string>
              block
              value={wayId}
              onChange={(id) => {
                setWayId(id);
                setStepsDone(new Set());
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
        <section className={page.card}>
          <h2>{t("steps")}</h2>
          <ol className={styles.steps}>
            {way.steps.map((step, index) => (
              <li key={step.do}>
                <Checkbox
                  checked={stepsDone.has(index)}
                  onChange={({ target }) =>
                    setStepsDone((before) => {
                      const after = new Set(before);
                      if (target.checked) after.add(index);
                      else after.delete(index);
                      return after;
                    })
                  }
                >
                  {step.do}
                </Checkbox>
                {step.keep.length > 0 ? (
                  <p className={styles.keep}>
                    {t("keepKeep", {
                      keep: step.keep
                        .map((id) => way.parts.find((part) => part.id === id)?.label.toLowerCase())
                        .join(", "),
                    })}
                  </p>
                ) : null}
                {step.care ? <p className={styles.care}>{step.care}</p> : null}
              </li>
            ))}
          </ol>
        </section>
      </div>
      <section className={page.card}>
        <div className={styles.whole}>
          <label>
            {t("onTheBlockMassUnit", { massUnit: format.massUnit })}
            <UnitInput kind="mass" value={wholeG} min={5} max={leftG} onChange={setWholeG} />
          </label>
          <p data-testid="loss">
            <span className={page.big}>{format.mass(Math.max(0, lossG))}</span>
            <br />
            <span className="muted">
              {sumG === 0
                ? t("toWeighUsuallyExpectedLossIsLost", { expectedLoss: expectedLoss.toFixed(0) })
                : t("notAccountedForLossUsuallyExpectedLoss", {
                    loss: ((100 * Math.max(0, lossG)) / wholeG).toFixed(0),
                    expectedLoss: expectedLoss.toFixed(0),
                  })}
            </span>
          </p>
        </div>
        <ScaleReading hasScale={hasScale} onTake={take} />
        <ul className={styles.parts}>
          {parts.map(({ part, massG, use, placeId: to }, index) => {
            const own = way.own.find(({ partId }) => partId === part.id);
            const usual = own ? own.housePct : part.pct[1];
            const read = massG === null ? null : (100 * massG) / wholeG;
            const odd = read === null ? null : read < part.pct[0] ? "low" : read > part.pct[2] ? "high" : "in";
            return (
              <li key={part.id} data-active={part.id === active} data-part={part.id}>
                <span className={styles.number} aria-hidden="true">
                  {index + 1}
                </span>
                <div className={styles.name}>
                  {t.rich("labelWholeToWhole2Value", {
                    label: part.label,
                    b: (words) => <b>{words}</b>,
                    whole: format.mass((wholeG * part.pct[0]) / 100),
                    whole2: format.mass((wholeG * part.pct[2]) / 100),
                    value: own
                      ? t("houseWholeOverTimes", { whole: format.mass((wholeG * usual) / 100), times: own.times })
                      : "",
                    span: (words) => (
                      <span className={page.sub} title={part.source}>
                        {words}
                      </span>
                    ),
                  })}
                </div>
                <InputNumber<number>
                  ref={(element) => {
                    inputs.current.set(
                      part.id,
                      (element as unknown as { input?: HTMLInputElement } | null)?.input ??
                        (element as unknown as HTMLInputElement | null),
                    );
                  }}
                  aria-label={`${part.label}, ${format.massUnit}`}
                  placeholder={format.massUnit}
                  value={
                    massG === null ? null : Number(format.toMass(massG).toFixed(format.units === "metric" ? 0 : 1))
                  }
                  min={0}
                  inputMode="decimal"
                  onFocus={() => setActive(part.id)}
                  onPressEnter={() => next(part.id)}
                  onChange={(shown) => change(part, { massG: shown === null ? null : format.fromMass(shown) })}
                />
                <span className={styles.read} data-odd={odd ?? "none"}>
                  {read === null ? `${usual.toFixed(usual < 10 ? 1 : 0)} %` : `${read.toFixed(1)} %`}
                  {odd === "low" || odd === "high" ? <b> {odd}</b> : null}
                </span>
                <Select<PartUse>
                  aria-label={t("labelGoesTo", { label: part.label })}
                  value={use}
                  onChange={(chosen) => change(part, { use: chosen })}
                  options={PART_USE_IDS.map((value) => ({ value, label: PART_USES[value] }))}
                />
                <Select<string>
                  aria-label={t("labelLiesIn", { label: part.label })}
                  value={to}
                  disabled={use === "waste"}
                  onChange={(chosen) => change(part, { placeId: chosen })}
                  options={places.map(({ id, name }) => ({ value: id, label: name }))}
                />
              </li>
            );
          })}
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
        <details className={page.open}>
          <summary>{t("whereTheFiguresComeFrom")}</summary>
          <ul className={page.source}>
            {way.parts.map(({ id, label, source }) => (
              <li key={id}>
                {label}: {source}
              </li>
            ))}
          </ul>
          <p className={page.source}>{t("theRangeIsThatOfGood")}</p>
        </details>
      </section>
    </div>
  );
}
