"use client";
import { Button, Select } from "antd";
import { useState } from "react";
import type { CorrectiveAct, CorrectiveKind } from "@/core/coldchain";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import { TextLines } from "@/ui/form/TextLines";
import { Field } from "@/ui/form/Field";
import { HoldButton } from "@/ui/form/HoldButton";
import { NumberInput } from "@/ui/form/NumberInput";
import page from "@/ui/layout/page.module.css";
import styles from "../../Ice.module.css";
import { answerTheExcursion } from "../actions";
import { t } from "@/words/ice";

export type Elsewhere = {
  readonly id: string;
  readonly name: string;
  readonly thaws: number;
  readonly freezes: number;
};

type Props = {
  readonly placeId: string;
  readonly excursionFromMs: number;
  readonly warm: boolean;
  readonly limitC: number;
  readonly answered: boolean;
  /** Lots that lie there now. */
  readonly lotsThere: number;
  /** Lots the histamine rule gave up and that are still here. */
  readonly overThere: number;
  readonly elsewhere: readonly Elsewhere[];
};

const LABELS: Readonly<Record<CorrectiveKind, string>> = {
  probed: t("closedAndProbed"),
  moved: t("moveWhatLiesThere"),
  thrown: t("throwAwayWhatIsOver"),
  said: t("somethingElse"),
};

/** What was done about a stretch outside the limits. What is chosen here is done: lots move, readings are asked for, waste is written off. */
export function AnswerForm(props: Props) {
  const { placeId, excursionFromMs, warm, limitC, answered, lotsThere, overThere, elsewhere } = props;
  const { format } = useHouse();
  const { act, busy } = useAct();
  const kinds: readonly CorrectiveKind[] = [
    ...(overThere > 0 ? ["thrown" as const] : []),
    ...(lotsThere > 0 && elsewhere.length > 0 ? ["moved" as const] : []),
    ...(warm ? ["probed" as const] : []),
    "said",
  ];
  const [chosen, setChosen] = useState<CorrectiveKind | null>(null);
  const kind = chosen !== null && kinds.includes(chosen) ? chosen : null;
  const [shown, setShown] = useState<number | null>(null);
  const [toPlaceId, setTo] = useState<string | null>(null);
  const [words, setWords] = useState("");
  const to = elsewhere.find(({ id }) => id === toPlaceId);
  const warmestC = shown === null ? null : format.fromTemperature(shown);

  const whatIsDone = (): CorrectiveAct | null => {
    switch (kind) {
      case "probed":
        return warmestC === null ? null : { kind, warmestC };
      case "moved":
        return to ? { kind, toPlaceId: to.id } : null;
      case "thrown":
        return { kind };
      case "said":
        return words.trim().length < 3 ? null : { kind };
      default:
        return null;
    }
  };
  const done = whatIsDone();
  const save = async () => {
    const saved = await act(answerTheExcursion, { placeId, excursionFromMs, act: done, words }, (value) => {
      if (value.moved.length > 0) return t("movedCodes", { count: value.moved.length, to: to?.name ?? "" });
      if (value.thrown.length > 0)
        return t("thrownCodes", { codes: value.thrown.join(", "), cost: format.money(value.lostCents) });
      return value.answered ? t("inTheBookWithEveryLot") : t("writtenDownButNotColdEnough");
    });
    if (!saved) return;
    setChosen(null);
    setShown(null);
    setWords("");
  };
  const button = {
    probed: t("noteTheProbing"),
    moved: t("moveLotsTo", { count: lotsThere, to: to?.name ?? t("anotherPlace2") }),
    thrown: t("throwAwayLots", { count: overThere }),
    said: t("writeItDown"),
  };
  return (
    <div className={styles.answer} role="group" aria-label={answered ? t("anythingMoreThatWasDone") : t("whatWasDone")}>
      <p className={styles.usual}>
        {kinds.map((one) => (
          <Button key={one} aria-pressed={kind === one} onClick={() => setChosen(kind === one ? null : one)}>
            {LABELS[one]}
          </Button>
        ))}
      </p>
      {kind === "probed" ? (
        <Field label={t("warmestFishDegree", { degree: format.degree })}>
          {(id) => (
            <NumberInput
              id={id}
              value={shown}
              step={0.1}
              min={format.toTemperature(-40)}
              max={format.toTemperature(40)}
              usual={[format.toTemperature(-30), format.toTemperature(15)]}
              onChange={setShown}
            />
          )}
        </Field>
      ) : null}
      {kind === "probed" && warmestC !== null && warmestC > limitC ? (
        <p className={page.stop}>{t("notColdEnoughMoveOrThrow", { limit: format.temperature(limitC, 1) })}</p>
      ) : null}
      {kind === "moved" ? (
        <Field label={t("whereTo")}>
          {(id) => (
            <Select
              id={id}
              value={toPlaceId}
              className={page.full ?? ""}
              placeholder={t("choosePlace")}
              options={elsewhere.map(({ id: value, name }) => ({ value, label: name }))}
              onChange={setTo}
            />
          )}
        </Field>
      ) : null}
      {kind === "moved" && to && to.thaws > 0 ? (
        <p className={page.stop}>{t("lotsThawThere", { count: to.thaws, to: to.name })}</p>
      ) : null}
      {kind === "moved" && to && to.freezes > 0 ? (
        <p className={page.stop}>{t("lotsFreezeThere", { count: to.freezes, to: to.name })}</p>
      ) : null}
      {kind === null ? null : (
        <>
          <TextLines
            aria-label={t("inYourWords")}
            placeholder={kind === "said" ? t("whatWasDoneAboutIt") : t("andInYourWords")}
            autoSize={{ minRows: 1, maxRows: 4 }}
            value={words}
            maxLength={400}
            onChange={({ target }) => setWords(target.value)}
          />
          {kind === "thrown" ? (
            <HoldButton danger type="primary" loading={busy} onConfirm={() => void save()}>
              {button[kind]}
            </HoldButton>
          ) : (
            <Button type={answered ? "default" : "primary"} loading={busy} disabled={done === null} onClick={save}>
              {button[kind]}
            </Button>
          )}
        </>
      )}
    </div>
  );
}
