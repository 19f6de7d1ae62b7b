"use client";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useCallback, useDeferredValue, useState, type ReactNode } from "react";
import { bandAt, methodOf, outcomeLabel, type Films, type MethodFit, type MethodId, type Sheet } from "@/core/cooking";
import type { Species } from "@/core/species";
import { lookFirst } from "@/ui/form/unsettled";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useSettled } from "@/workers/client/useSettled";
import { useRanking, useSheet } from "@/workers/client/useSheet";
import { beginCook } from "../actions";
import { loadOfBatch, questionOf } from "@/house/stove/question";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { GoalCard } from "./GoalCard";
import { MethodCards } from "./MethodCards";
import { PieceCard } from "./PieceCard";
import { PlanFacts } from "./PlanFacts";
import { Setting } from "./Setting";
import type { KeptPlan } from "./SideBySide";
import { PlanAlerts } from "./PlanAlerts";
import type { PieceSource } from "./pieceSource";
import { PlanHead } from "./PlanHead";
import { PlanPictures } from "./PlanPictures";
import { StagePlan } from "./StagePlan";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";
import { keyOfSaid, type Said } from "@/core/shared";
import { Empty } from "@/ui/layout/Empty";

/** Comes when a plan is kept to be looked at beside another. */
const SideBySide = dynamic(() => import("./SideBySide").then((part) => part.SideBySide), { ssr: false });

/** So long, ms, the calliper has to stand still before the tables and curves below are drawn anew. */
const STILL_MS = 150;
/** The house plans it once more before the clock starts; so long, ms, is waited for it. */
const PLANNING_MS = 15_000;
const NO_FITS: readonly MethodFit[] = [];

type Props = {
  readonly source: PieceSource;
  readonly species: Species;
  readonly first: CookAskInput;
  readonly pieceG: number;
  readonly filmsByPan: Readonly<Record<string, Partial<Films>>>;
  /** How the lot stands to the parasite rule, which what is under-cooked falls under; null where there is no lot. */
  readonly parasites?: { readonly met: boolean; readonly text: Said } | null;
  /** Sauces of the house that go with it. */
  readonly sauces?: readonly { readonly specId: string; readonly name: string }[];
  /** Chooses the animal, where there is no batch to tell it. */
  readonly chooser?: ReactNode;
};

/** The stove for one kind of piece: the piece first, then the way to cook it, then the plan; every change plans again. */
export function PlanBench({
  source,
  species,
  first,
  pieceG: firstG,
  filmsByPan,
  parasites = null,
  sauces = [],
  chooser,
}: Props) {
  const { format, ruleSetId, ownSpecies, susceptibleGuests } = useHouse();
  const { id: speciesId } = species;
  const [asked, setAsked] = useState(first);
  const [pieceG, setPieceG] = useState(firstG);
  const [ownSize, setOwnSize] = useState(false);
  const [kept, setKept] = useState<KeptPlan | null>(null);
  const { start, refusal, busy } = useBegin();
  const [panName, setPanName] = useState("");

  const prepared = source.kind === "batch" ? source.prepared : null;
  const cut = source.kind === "batch" ? loadOfBatch(source.pieces, asked.pieces, prepared) : null;
  const sizeMm = cut && !ownSize ? cut.thicknessMm : asked.sizeMm;
  const alone = { pieceG, thicknessMm: sizeMm, thinnestMm: sizeMm, thickestMm: sizeMm };
  const load = cut ?? alone;
  const ask: CookAskInput = { ...asked, sizeMm };
  const change = useCallback((part: Partial<CookAskInput>) => setAsked((before) => ({ ...before, ...part })), []);
  const changePiece = useCallback(
    (part: Partial<CookAskInput>) => {
      if (part.sizeMm !== undefined) setOwnSize(true);
      change(part);
    },
    [change, setOwnSize],
  );
  const choose = useCallback((methodId: MethodId) => change({ methodId, schoolId: undefined, kit: {} }), [change]);

  const films = filmsByPan[ask.panId];
  const question = questionOf({ speciesId, composition: species.compositionPct, prepared, load }, ask, {
    ruleSetId,
    own: ownSpecies,
    ...(films ? { films } : {}),
  });
  const state = useSheet(question);
  const ranking = useRanking(question);
  const { sheet } = state;
  // the stages follow the calliper at once; drawings and figures when there is a breath
  const shown = useDeferredValue(sheet) ?? sheet;
  // tables and curves once it stands still: redrawing them for every half millimetre would hold up the hand
  const still = useSettled(shown, STILL_MS) ?? shown;
  const tookMs = useSettled(state.tookMs, STILL_MS);
  const method = methodOf(ask.methodId);
  const tender = method.tender === true;
  const { goal } = ask;
  const band =
    goal.kind === "safe" || goal.kind === "rim" || tender ? null : bandAt(species.donenessGroup, goal.targetC);
  const goalWords = goalText(sheet, band, ask, species.donenessGroup, format.temperature);

  const barred = susceptibleGuests && sheet !== null && !sheet.plan.safety.reached;

  const begin = () => start({ source: sourceAsk(source, speciesId, pieceG), ask, panName });

  return (
    <>
      <PlanHead
        source={source}
        species={species}
        goalWords={goalWords}
        methodLabel={method.label}
        sauces={sauces}
        busy={busy}
        panName={panName}
        onPanName={setPanName}
        onKeep={sheet ? () => setKept({ ask, plan: sheet.plan, pieceG: load.pieceG }) : null}
        onBegin={!sheet || state.problem !== null || barred ? null : begin}
      />
      <PlanAlerts
        barred={barred}
        refusal={refusal}
        problem={state.problem}
        onByRule={() => change({ goal: { kind: "safe" } })}
      />
      <div className={styles.bench}>
        <div className={page.stack}>
          {chooser}
          <PieceCard
            species={species}
            ask={ask}
            pieceG={load.pieceG}
            most={source.kind === "batch" ? source.pieces.length : 60}
            cutMm={cut ? cut.thicknessMm : null}
            onPieceG={source.kind === "batch" ? null : setPieceG}
            onChange={changePiece}
            onCut={() => setOwnSize(false)}
          />
          <GoalCard species={species} methodId={ask.methodId} goal={ask.goal} fixed={tender} onChange={change} />
          <Setting
            methodId={ask.methodId}
            schoolId={ask.schoolId}
            kit={ask.kit}
            panId={ask.panId}
            onChange={change}
            learned={films !== undefined}
          />
        </div>
        <div className={page.stack} aria-busy={state.working || still !== sheet} data-testid="plan" data-plan>
          <MethodCards
            fits={ranking.answer ?? NO_FITS}
            working={ranking.working}
            chosen={ask.methodId}
            onChoose={choose}
          />
          {sheet && shown && still ? (
            <>
              {sheet.plan.refusal ? <Refused plan={sheet.plan} /> : null}
              <StagePlan plan={sheet.plan} />
              {kept ? (
                <SideBySide
                  kept={kept}
                  now={{ ask, plan: sheet.plan, pieceG: load.pieceG }}
                  group={species.donenessGroup}
                  onDrop={() => setKept(null)}
                />
              ) : null}
              <PlanPictures shown={shown} still={still} species={species} ask={ask} band={band}>
                <PlanFacts plan={still.plan} species={species} parasites={parasites} tookMs={tookMs} />
              </PlanPictures>
            </>
          ) : (
            <>
              {/* where the stages will stand: nothing moves under a finger when they come */}
              {state.problem ? null : <div className={styles.stagesPlace} data-first aria-hidden="true" />}
              <section className={`${page.card} ${page.awaited}`}>
                <Empty>{state.problem ? t("changeThePieceTheWayOr") : t("workingOutThePlan")}</Empty>
              </section>
            </>
          )}
        </div>
      </div>
    </>
  );
}

/** Starts the clock: the house plans it once more, and goes to the cook or says why not. */
function useBegin() {
  const router = useRouter();
  const [refusal, setRefusal] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const start = async (asked: object) => {
    const look = lookFirst();
    setRefusal(look);
    if (look) return;
    setBusy(true);
    const started = await askOnce(beginCook, asked, PLANNING_MS);
    setBusy(false);
    if (started?.ok) router.push(`/stove/cook/${started.value}`);
    else setRefusal(started?.error.message ?? UNANSWERED);
  };
  return { start, refusal, busy };
}

/** Where the pieces come from, as the house is told. */
const sourceAsk = (source: PieceSource, speciesId: string, pieceG: number) => {
  if (source.kind === "batch") return { kind: "batch", batchId: source.batchId };
  return source.kind === "lot" ? { kind: "lot", lotId: source.lotId, pieceG } : { kind: "none", speciesId, pieceG };
};

function goalText(
  sheet: Sheet | null,
  band: ReturnType<typeof bandAt> | null,
  { goal }: CookAskInput,
  group: Parameters<typeof outcomeLabel>[1],
  temperature: (pointC: number) => string,
): string {
  if (goal.kind === "safe") return t("byTheRuleInForce2");
  if (goal.kind === "rim") return t("rareByItsSearedRim");
  // the band of what comes out: some animals are done where others are dry
  const id = sheet && goal.kind === "centre" ? sheet.plan.band : band?.id;
  if (id) return t("idAtTarget", { id: outcomeLabel(id, group).toLowerCase(), target: temperature(goal.targetC) });
  return sheet ? outcomeLabel(sheet.plan.band, group).toLowerCase() : "";
}

function Refused({ plan }: { readonly plan: Sheet["plan"] }) {
  const { format } = useHouse();
  return (
    <section className={styles.refused} data-first role="status" data-testid="refused">
      <h2>{t("notThisWayWhy", { why: say(plan.refusal!.why, format) })}</h2>
      <ul>
        {plan.refusal!.change.map((change) => (
          <li key={keyOfSaid(change)}>{say(change, format)}</li>
        ))}
      </ul>
      <p className="muted">{t("theTimesBelowAreTheNearest")}</p>
    </section>
  );
}
