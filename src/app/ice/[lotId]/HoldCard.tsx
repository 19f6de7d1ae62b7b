"use client";
import { Button } from "antd";
import { useState } from "react";
import type { LotHold } from "@/db/lots/holds";
import page from "@/ui/layout/page.module.css";
import styles from "../Ice.module.css";
import { HoldLine } from "./HoldLine";
import { NewHold, type BegunKind } from "./NewHold";
import { t } from "@/words/ice";
import { Empty } from "@/ui/layout/Empty";

type Props = {
  readonly lotId: string;
  readonly holds: readonly LotHold[];
  /** The kinds that make sense for this lot as it lies. */
  readonly kinds: readonly BegunKind[];
};

/** The holds of a lot, and the way to begin one. */
export function HoldCard({ lotId, holds, kinds }: Props) {
  const [adding, setAdding] = useState(false);
  return (
    <section className={page.card} aria-labelledby="holds">
      <div className={styles.cardHead}>
        <h2 id="holds">{t("holds")}</h2>
        {kinds.length > 0 ? (
          <Button onClick={() => setAdding((before) => !before)}>{adding ? t("leaveIt") : t("beginAHold")}</Button>
        ) : null}
      </div>
      {holds.length === 0 && !adding ? <Empty>{t("nothingHoldsThisLot")}</Empty> : null}
      {adding ? <NewHold lotId={lotId} kinds={kinds} onDone={() => setAdding(false)} /> : null}
      {holds.map((held) => (
        <HoldLine key={held.id} held={held} />
      ))}
    </section>
  );
}
