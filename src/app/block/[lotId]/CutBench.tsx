"use client";
import { sumOf } from "@/core/numeric";
import { Alert, Button, Segmented } from "antd";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { checkSide, panGroups, portionCost, restOf, sidesPlanner, type Side, type Station } from "@/core/block";
import { useKeptDraft } from "@/ui/hooks/useKeptDraft";
import { DraftNote } from "@/ui/layout/DraftNote";
import page from "@/ui/layout/page.module.css";
import type { FLESH } from "@/ui/theme/palette";
import { SideDrawing } from "@/ui/drawings/SideDrawing";
import { lookFirst } from "@/ui/form/unsettled";
import { askOnce, UNANSWERED } from "@/ui/hooks/askOnce";
import { cutSides } from "./actions";
import styles from "./Cut.module.css";
import { CutAnswer } from "./CutAnswer";
import { SideCard } from "./SideCard";
import { WantCard, type Want } from "./WantCard";
import { t } from "@/words/block";
import { say } from "@/words/say";
import { useHouse } from "@/ui/hooks/HouseContext";

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly flesh: keyof typeof FLESH;
  readonly start: Side;
  readonly usualPortionG: number;
  readonly priceCentsPerKg: number;
  readonly rawAllowed: boolean;
};

const MOST_SIDES = 12;
/** The bench: measure the sides on their drawing, say what a portion is, and the cuts move as you do. */
export function CutBench({ lotId, leftG, flesh, start, usualPortionG, priceCentsPerKg, rawAllowed }: Props) {
  const router = useRouter();
  const { format } = useHouse();
  const [sides, setSides] = useState<readonly Side[]>([start]);
  const [shown, setShown] = useState(0);
  const firstWant: Want = {
    portionG: usualPortionG,
    toleranceG: 10,
    minPieceMm: 25,
    covers: null,
    preference: "even",
    leanDeg: 0,
    tails: "as-cut",
    trimUse: rawAllowed ? "tartare" : "cakes",
  };
  const [want, setWant] = useState(firstWant);
  const lay = (on: { readonly sides: readonly Side[]; readonly want: Want }) => {
    setSides(on.sides);
    setWant(on.want);
    setShown(0);
  };
  const draft = useKeptDraft(`cut ${lotId}`, { sides, want }, lay);
  const startOver = () => {
    lay({ sides: [start], want: firstWant });
    draft.forget();
  };
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [planOf] = useState(sidesPlanner);

  const side = sides[shown]!;
  const wrong = sides.map(checkSide).find((one) => one !== null) ?? null;
  const plan = useMemo(() => (wrong ? null : planOf({ sides, ...want })), [wrong, planOf, sides, want]);
  const portions = plan?.pieces.filter(({ role }) => role !== "trim") ?? [];
  const groups = panGroups(portions, ({ cookThicknessMm }) => cookThicknessMm);
  const sidesG = sumOf(sides, ({ massG }) => massG);
  const restG = restOf(plan?.pieces ?? [], want.portionG);
  const cost = portionCost({
    billCents: ((sidesG - restG) / 1000) * priceCentsPerKg,
    readyG: sidesG - (plan?.trimG ?? 0),
    portions: portions.length,
    credits: [],
  });

  const set = (to: Side) => setSides((before) => before.map((one, index) => (index === shown ? to : one)));
  const change = (index: number, part: Partial<Station>) =>
    set({ ...side, profile: side.profile.map((station, i) => (i === index ? { ...station, ...part } : station)) });
  const add = () => {
    setSides((before) => [
      ...before,
      { ...side, massG: Math.max(20, Math.min(side.massG, Math.floor(leftG - sidesG))) },
    ]);
    setShown(sides.length);
  };
  const remove = () => {
    setSides((before) => before.filter((_, index) => index !== shown));
    setShown(Math.max(0, shown - 1));
  };
  const accept = async () => {
    const look = lookFirst();
    setProblem(look);
    if (look) return;
    setBusy(true);
    const cut = await askOnce(cutSides, { lotId, sides, ...want });
    setBusy(false);
    if (cut?.ok) {
      draft.done();
      router.push(`/stove/${cut.value}`);
    } else setProblem(cut?.error.message ?? UNANSWERED);
  };

  return (
    <div className={page.stack}>
      <DraftNote foundAtMs={draft.foundAtMs} onStartOver={startOver} />
      <section className={page.card}>
        <CutAnswer
          plan={plan}
          covers={want.covers}
          restG={restG}
          groups={groups}
          centsPerPortion={cost?.centsPerPortion ?? null}
          busy={busy}
          onAccept={accept}
        />
        {wrong ? <Alert type="error" showIcon title={say(wrong.message, format)} /> : null}
        {problem ? <Alert type="error" showIcon title={problem} /> : null}
        {plan && plan.portions === 0 ? <Alert type="warning" showIcon title={t("noPortionOfThatSizeFits")} /> : null}
        <div className={styles.sides}>
          {sides.length > 1 ? (
            <Segmented<number>
              value={shown}
              onChange={setShown}
              options={sides.map((_, index) => ({ value: index, label: t("sideIndex", { index: index + 1 }) }))}
              aria-label={t("sideShown")}
            />
          ) : null}
          <Button onClick={add} disabled={sides.length >= MOST_SIDES || leftG - sidesG < 20}>
            {t("anotherSide")}
          </Button>
          {sides.length > 1 ? <Button onClick={remove}>{t("takeThisOneAway")}</Button> : null}
        </div>
        {wrong ? null : (
          <SideDrawing
            side={side}
            pieces={plan?.pieces.filter((piece) => piece.side === shown) ?? []}
            cutsMm={plan?.cutsMm[shown] ?? []}
            leanDeg={want.leanDeg}
            flesh={flesh}
            onThickness={(index, thicknessMm) => change(index, { thicknessMm })}
          />
        )}
      </section>
      <div className={page.split}>
        <WantCard
          want={want}
          rawAllowed={rawAllowed}
          onChange={(part) => setWant((before) => ({ ...before, ...part }))}
        />
        <SideCard
          title={sides.length > 1 ? t("sideShownAsMeasured", { shown: shown + 1 }) : t("theSideAsMeasured")}
          side={side}
          mostG={leftG}
          onSide={set}
          onStation={change}
        />
      </div>
    </div>
  );
}
