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
        <h2>Open them first</h2>
        <p>
          Alive in the shell they cannot be plated.{" "}
          <Link href={`/block/${lotId}/apart`}>Open and clean them at Block</Link>; what comes of it is judged here as a
          lot of its own.
        </p>
      </section>
    );
  const usedG = covers * pieces * eachG;
  const serve = async () => {
    setBusy(true);
    await act(
      serveRaw,
      { lotId, dish: "raw", covers, gramsPerCover: pieces * eachG, usedG },
      () => `${covers} plates written down.`,
    );
    setBusy(false);
  };
  return (
    <section className={page.card} data-testid="half-shell">
      <h2>On the half shell</h2>
      <p>
        <span className={page.big}>{covers * pieces}</span> pieces, <b className="figure">{format.mass(usedG)}</b> in
        the shell; open a few more: 3 in 100 are spoiled by a practised hand, 8 by a beginner.
      </p>
      <div className={`${styles.fields} ${page.aboveMore}`}>
        <Field label="Covers">
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
        <Field label="Pieces each">
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
          One in shell, {format.massUnit}
          <UnitInput kind="mass" value={eachG} min={5} max={600} onChange={setEachG} />
        </label>
      </div>
      <p className={`muted ${page.below}`}>
        Opened to order, on ice, within two hours. Smell each one; one that smells or stays dry goes.
      </p>
      <Button
        type="primary"
        size="large"
        block
        loading={busy}
        disabled={!cleared || usedG > leftG + 0.5}
        onClick={serve}
      >
        {cleared ? `Serve ${covers} plates and write it down` : "Not before it meets the rule"}
      </Button>
    </section>
  );
}
