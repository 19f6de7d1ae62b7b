"use client";
import { Alert, Button, Segmented, Select, Switch } from "antd";
import { nanoid } from "nanoid";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { preparedLoad, type Preparation } from "@/core/block";
import {
  bandAt,
  DONENESS_LABELS,
  loadOf,
  PANS,
  TARGET_DONENESS,
  targetCentreC,
  type PanId,
  type PanPiece,
  type TargetDoneness,
} from "@/core/cooking";
import { findSpecies, shortName } from "@/core/species";
import { answerWithin } from "@/ui/answerWithin";
import { Calliper } from "@/ui/Calliper";
import { CrossSection } from "@/ui/CrossSection";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { UnitInput } from "@/ui/UnitInput";
import { useSheet } from "@/ui/useSheet";
import { beginCook } from "../actions";
import styles from "../Stove.module.css";
import { PlanFacts } from "./PlanFacts";
import { StagePlan } from "./StagePlan";

const CookCurves = dynamic(() => import("@/ui/CookCurves"), {
  ssr: false,
  loading: () => <div style={{ height: 286 }} />,
});

type Props = {
  readonly batchId: string;
  readonly batchCode: string;
  readonly speciesId: string;
  readonly pieces: readonly PanPiece[];
  /** What Block made of the pieces after the cut. */
  readonly prepared: Preparation | null;
  readonly usualTargetC: number;
};

const MOST_IN_PAN = 4;

/** The stove for one batch: set the piece and the pan on the left, read the plan on the right; every change plans again. */
export function PlanBench({ batchId, batchCode, speciesId, pieces, prepared, usualTargetC }: Props) {
  const { format, ruleSetId, ownSpecies } = useHouse();
  const router = useRouter();
  const species = findSpecies(speciesId, ownSpecies)!;
  const [count, setCount] = useState(Math.min(pieces.length, MOST_IN_PAN));
  const cut = loadOf(pieces, count)!;
  const load = prepared ? preparedLoad(cut, prepared) : cut;
  const [ownThicknessMm, setOwnThicknessMm] = useState<number | null>(null);
  const [skin, setSkin] = useState(true);
  const [startC, setStartC] = useState(prepared ? Math.round(prepared.piece.startC * 10) / 10 : 8);
  const [panC, setPanC] = useState(200);
  const [ovenC, setOvenC] = useState(180);
  const [panId, setPanId] = useState<PanId>("steel-26");
  const [targetC, setTargetC] = useState(usualTargetC);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  // one id per intention: a second tap or a retry after a lost answer starts nothing twice
  const requestId = useRef<string | null>(null);

  const thicknessMm = ownThicknessMm ?? load.thicknessMm;
  const question = { skin, startC, panC, ovenC, panId, targetC, pieces: count, thicknessMm };
  const piece = prepared ? { composition: prepared.piece.composition, stuffed: prepared.piece.stuffed } : {};
  const state = useSheet({ ...load, ...question, ...piece, speciesId, ruleSetId, own: ownSpecies });
  const { sheet } = state;
  const band = bandAt(species.donenessGroup, targetC);
  const doneness = TARGET_DONENESS.find((id) => id === band.id);

  const begin = async () => {
    setBusy(true);
    setRefusal(null);
    requestId.current ??= nanoid();
    const started = await answerWithin(beginCook({ ...question, batchId, requestId: requestId.current }));
    setBusy(false);
    if (started?.ok) router.push(`/stove/cook/${started.value}`);
    else setRefusal(started?.error.message ?? "The house did not answer: try again.");
  };

  return (
    <>
      <header className={page.head}>
        <div>
          <h1>
            {shortName(species)}, {DONENESS_LABELS[band.id].toLowerCase()} at {format.temperature(targetC)}
          </h1>
          <p className={page.asks}>
            <span className="figure">{batchCode}</span> · skin-crisp, finished in the oven · usual here:{" "}
            {species.usualDoneness}
          </p>
          {prepared && prepared.piece.notes.length > 0 ? (
            <p className={page.asks} data-testid="prepared">
              {prepared.piece.notes.join("; ")}
              {prepared.piece.shape === "cylinder"
                ? `; round, ${format.length(prepared.piece.thicknessMm)}: planned as the slab that takes as long`
                : ""}
            </p>
          ) : null}
        </div>
        <span style={{ display: "flex", gap: 18, alignItems: "center" }}>
          <Link href={`/block/prepare/${batchId}`}>Prepare the pieces</Link>
          <Button
            type="primary"
            size="large"
            onClick={begin}
            loading={busy}
            disabled={!sheet || state.problem !== null}
          >
            Start the cook
          </Button>
        </span>
      </header>
      {refusal ? <Alert type="error" showIcon title={refusal} style={{ marginBottom: 12 }} /> : null}
      {state.problem ? (
        <Alert type="warning" showIcon title={`No plan: ${state.problem}.`} style={{ marginBottom: 12 }} />
      ) : null}
      <div className={styles.bench}>
        <div className={page.stack}>
          <section className={page.card}>
            <Calliper thicknessMm={thicknessMm} flesh={species.flesh} skin={skin} onChange={setOwnThicknessMm} />
            {ownThicknessMm !== null && Math.abs(ownThicknessMm - load.thicknessMm) > 0.5 ? (
              <Button size="small" onClick={() => setOwnThicknessMm(null)}>
                Back to the cut: {format.length(load.thicknessMm, 1)}
              </Button>
            ) : null}
          </section>
          <section className={`${page.card} ${styles.inputs}`}>
            <label className={styles.full}>
              Doneness
              <Segmented<TargetDoneness | "own">
                block
                vertical
                value={doneness ?? "own"}
                options={TARGET_DONENESS.map((id) => ({
                  value: id,
                  label: `${DONENESS_LABELS[id]} · ${format.temperature(targetCentreC(species.donenessGroup, id))}`,
                }))}
                onChange={(id) => {
                  if (id !== "own") setTargetC(targetCentreC(species.donenessGroup, id));
                }}
              />
            </label>
            <label>
              Centre, {format.degree}
              <UnitInput kind="temperature" value={targetC} min={30} max={75} onChange={setTargetC} />
            </label>
            <label>
              Fish now, {format.degree}
              <UnitInput kind="temperature" value={startC} min={0} max={30} onChange={setStartC} />
            </label>
            <label>
              Pan, {format.degree}
              <UnitInput kind="temperature" value={panC} min={120} max={280} step={5} onChange={setPanC} />
            </label>
            <label>
              Oven, {format.degree}
              <UnitInput kind="temperature" value={ovenC} min={80} max={280} step={5} onChange={setOvenC} />
            </label>
            <label>
              Pieces
              <Select<number>
                value={count}
                onChange={setCount}
                options={pieces.map((_, index) => ({ value: index + 1, label: `${index + 1} of ${pieces.length}` }))}
              />
            </label>
            <span className={styles.switch}>
              <span id="skin-label">Skin on</span>
              <Switch checked={skin} onChange={setSkin} aria-labelledby="skin-label" />
            </span>
            <label className={styles.full}>
              Pan
              <Select<PanId>
                value={panId}
                onChange={setPanId}
                options={PANS.map(({ id, label }) => ({ value: id, label }))}
              />
            </label>
          </section>
        </div>
        <div className={page.stack} aria-busy={state.working} data-testid="plan" data-plan>
          {sheet ? (
            <>
              <StagePlan plan={sheet.plan} />
              <section className={page.card}>
                <CrossSection trace={sheet.trace} flesh={species.flesh} skin={skin} />
              </section>
              <PlanFacts plan={sheet.plan} tookMs={state.tookMs} />
              <section className={page.card}>
                <h2>Temperatures</h2>
                <CookCurves
                  trace={sheet.trace}
                  band={band}
                  pullS={sheet.plan.times.panS + sheet.plan.times.ovenS}
                  serveS={sheet.plan.times.panS + sheet.plan.times.ovenS + sheet.plan.restS}
                />
              </section>
            </>
          ) : (
            <section className={page.card}>
              <p className={page.empty}>
                {state.problem ? "Change the piece, the pan or the target." : "Working out the plan…"}
              </p>
            </section>
          )}
        </div>
      </div>
    </>
  );
}
