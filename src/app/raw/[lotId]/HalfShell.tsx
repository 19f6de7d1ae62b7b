"use client";
import { Button, InputNumber } from "antd";
import Link from "next/link";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Raw.module.css";
import { serveRaw } from "./actions";
import { t } from "@/words/raw";

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly cleared: boolean;
  /** Served in its own shell, by the piece. */
  readonly opensOnPlate: boolean;
};

/** Live shellfish: opened to order by the piece, or opened and cleaned at Block first. */
export function HalfShell({ lotId, leftG, cleared, opensOnPlate }: Props) {
  const { format } = useHouse();
  const { act } = useAct();
  const [covers, setCovers] = useState(4);
  const [pieces, setPieces] = useState(6);
  const [eachG, setEachG] = useState(90);
  const [busy, setBusy] = useState(false);
  if (!opensOnPlate)
    return (
      <section className={page.card}>
        <h2>{t("openThemFirst")}</h2>
        <p>
          {t.rich("aliveInTheShellTheyCannot", {
            link: (words) => <Link href={`/block/${lotId}/apart`}>{words}</Link>,
          })}
        </p>
      </section>
    );
  const usedG = covers * pieces * eachG;
  const serve = async () => {
    setBusy(true);
    await act(serveRaw, { lotId, dish: "raw", covers, gramsPerCover: pieces * eachG, usedG }, () =>
      t("coversPlatesWrittenDown", { covers }),
    );
    setBusy(false);
  };
  return (
    <section className={page.card} data-testid="half-shell">
      <h2>{t("onTheHalfShell")}</h2>
      <p>
        {t.rich("coversPiecesUsedInTheShell", {
          covers: covers * pieces,
          span: (words) => <span className={page.big}>{words}</span>,
          used: format.mass(usedG),
          b: (words) => <b className="figure">{words}</b>,
        })}
      </p>
      <div className={`${styles.fields} ${page.aboveMore}`}>
        <Field label={t("covers")}>
          {(id) => (
            <InputNumber<number>
              id={id}
              min={1}
              max={300}
              precision={0}
              value={covers}
              onChange={(value) => value && setCovers(value)}
            />
          )}
        </Field>
        <Field label={t("piecesEach")}>
          {(id) => (
            <InputNumber<number>
              id={id}
              min={1}
              max={48}
              precision={0}
              value={pieces}
              onChange={(value) => value && setPieces(value)}
            />
          )}
        </Field>
        <label className={styles.field}>
          {t("oneInShellMassUnit", { massUnit: format.massUnit })}
          <UnitInput kind="mass" value={eachG} min={5} max={600} onChange={setEachG} />
        </label>
      </div>
      <p className={`muted ${page.below}`}>{t("openedToOrderOnIceWithin")}</p>
      <Button
        type="primary"
        size="large"
        block
        loading={busy}
        disabled={!cleared || usedG > leftG + 0.5}
        onClick={serve}
      >
        {cleared ? t("serveCoversPlatesAndWriteIt", { covers }) : t("notBeforeItMeetsTheRule")}
      </Button>
    </section>
  );
}
