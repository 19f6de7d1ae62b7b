"use client";
import { Button, Select } from "antd";
import { BOARD_COLOUR_IDS, type BoardColour, type BoardUse } from "@/core/block";
import { BOARD_COLOURS } from "@/ui/theme/palette";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Board.module.css";
import { chooseBoard, noteWash } from "./actions";
import { t } from "@/words/block";

type Card = {
  readonly use: BoardUse;
  readonly label: string;
  readonly colour: BoardColour;
  readonly lay: readonly string[];
  readonly washed: string | null;
};

export function BoardCards({ uses }: { readonly uses: readonly Card[] }) {
  const { act } = useAct();
  return (
    <div className={styles.boards}>
      {uses.map(({ use, label, colour, lay, washed }) => (
        <div key={use} className={styles.board}>
          <div className={styles.plank} style={{ background: BOARD_COLOURS[colour] }} aria-hidden="true" />
          <b>{label}</b>
          <Select<BoardColour>
            aria-label={t("colourForLabel", { label: label.toLowerCase() })}
            value={colour}
            onChange={(chosen) => act(chooseBoard, { use, colour: chosen }, () => `${label}: ${chosen}.`)}
            options={BOARD_COLOUR_IDS.map((value) => ({ value, label: value }))}
          />
          <p className={page.sub}>
            {lay.length === 0 ? t("nothingOnIt") : t("onItLay", { lay: lay.join(", ") })}
            {washed ? t("washedWashed", { washed }) : ""}
          </p>
          <Button onClick={() => act(noteWash, { colour }, () => t("washedAndWrittenDown"))}>{t("washed")}</Button>
        </div>
      ))}
    </div>
  );
}
