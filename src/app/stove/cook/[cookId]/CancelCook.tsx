"use client";
import { Button, Modal } from "antd";
import { useState } from "react";
import { PIECES_BECAME, type PiecesBecame } from "@/house/lots/piecesBecame";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/stove";

type Props = { readonly pieces: number; readonly onCancel: (became: PiecesBecame) => void };

/** A cook is cancelled by saying what became of its pieces. */
export function CancelCook({ pieces, onCancel }: Props) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button type="text" danger onClick={() => setAsking(true)} className={page.above ?? ""}>
        {t("cancelCook")}
      </Button>
      <Modal open={asking} title={t("whatBecameOfThem", { pieces })} footer={null} onCancel={() => setAsking(false)}>
        <p className={page.below}>{t("theClockStopsAndTheBook")}</p>
        <div className={page.stack}>
          {PIECES_BECAME.map((became) => (
            <Button
              key={became}
              size="large"
              block
              onClick={() => {
                setAsking(false);
                onCancel(became);
              }}
            >
              {t("piecesBecame", { became })}
            </Button>
          ))}
          <Button size="large" block type="primary" onClick={() => setAsking(false)}>
            {t("cookOn")}
          </Button>
        </div>
      </Modal>
    </>
  );
}
