"use client";
import { Button } from "antd";
import Link from "next/link";
import { useState } from "react";
import { USUAL_SHELL_G } from "@/core/raw";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
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
  const [eachG, setEachG] = useState(USUAL_SHELL_G);
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
        <NumberField label={t("covers")} value={covers} min={1} max={300} whole onChange={setCovers} />
        <NumberField label={t("piecesEach")} value={pieces} min={1} max={48} whole onChange={setPieces} />
        <QuantityField label={t("oneInShell")} kind="mass" value={eachG} min={5} max={600} onChange={setEachG} />
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
