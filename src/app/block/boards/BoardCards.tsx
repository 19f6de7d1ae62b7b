"use client";
import { Button, Select } from "antd";
import { BOARD_COLOURS, BOARD_COLOUR_IDS, type BoardColour, type BoardUse } from "@/core/block";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Board.module.css";
import { chooseBoard, noteWash } from "./actions";

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
            aria-label={`Colour for ${label.toLowerCase()}`}
            value={colour}
            onChange={(chosen) => act(chooseBoard, { use, colour: chosen }, () => `${label}: ${chosen}.`)}
            options={BOARD_COLOUR_IDS.map((value) => ({ value, label: value }))}
          />
          <p className={page.sub}>
            {lay.length === 0 ? "Nothing on it" : `On it: ${lay.join(", ")}`}
            {washed ? `; washed ${washed}` : ""}
          </p>
          <Button onClick={() => act(noteWash, { colour }, () => `Washed, and written down.`)}>Washed</Button>
        </div>
      ))}
    </div>
  );
}
