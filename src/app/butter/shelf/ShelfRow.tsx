"use client";
import { Button } from "antd";
import Link from "next/link";
import { useState } from "react";
import { HoldButton } from "@/ui/form/HoldButton";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import { pourAway } from "../actions";
import styles from "../Butter.module.css";
import { askForMoreUnder, takeFromShelf } from "./actions";

export type ShelfLot = {
  readonly id: string;
  readonly code: string;
  readonly remainingG: number;
  readonly useBy: string | null;
  readonly over: boolean;
};

type Props = {
  readonly preparationId: string;
  readonly name: string;
  readonly portionG: number | null;
  readonly leftG: number;
  readonly portions: number | null;
  readonly par: number | null;
  readonly low: boolean;
  readonly lots: readonly ShelfLot[];
};

/** A preparation on the shelf: what is left, taking some out, throwing what is over, and when to ask for more. */
export function ShelfRow({ preparationId, name, portionG, leftG, portions, par, low, lots }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [open, setOpen] = useState(false);
  const [count, setCount] = useState(portionG === null ? 100 : 1);
  const [under, setUnder] = useState(par ?? (portionG === null ? 200 : 2));
  const first = lots.find(({ over }) => !over);
  const over = lots.some((lot) => lot.over);
  const takenG = portionG === null ? count : count * portionG;
  return (
    <li data-preparation={preparationId}>
      <div className={page.row}>
        <span className={styles.tag} data-state={over ? "bad" : low ? "soon" : "good"}>
          {over ? t("tooOld") : low ? t("makeMore") : t("there")}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{name}</span>
          <br />
          <span className={page.sub}>
            {first ? t("firstLot", { code: first.code, when: first.useBy ?? "–" }) : t("noneLeft")}
          </span>
        </span>
        <b className="figure" data-testid="left">
          {portions === null ? format.mass(leftG) : t("portionsLeft", { count: portions })}
        </b>
        <Button onClick={() => setOpen(!open)} aria-expanded={open}>
          {t("takeOrThrow")}
        </Button>
      </div>
      {open ? (
        <>
          {lots
            .filter((lot) => lot.over)
            .map((lot) => (
              <div key={lot.id} className={styles.closing}>
                <span className={page.stop}>{t("lotIsOver", { code: lot.code })}</span>
                <HoldButton
                  danger
                  loading={busy}
                  onConfirm={() =>
                    void act(pourAway, { lotId: lot.id, massG: lot.remainingG }, () =>
                      t("thrownAway", { code: lot.code }),
                    )
                  }
                >
                  {t("throwItAway")}
                </HoldButton>
              </div>
            ))}
          <div className={styles.closing}>
            {portionG === null ? (
              <QuantityField
                label={t("takeSoMuch")}
                kind="mass"
                value={count}
                min={1}
                max={50_000}
                onChange={setCount}
              />
            ) : (
              <NumberField label={t("takePortions")} value={count} min={1} max={200} whole onChange={setCount} />
            )}
            <Button
              type="primary"
              disabled={!first || takenG > first.remainingG + 0.5}
              loading={busy}
              onClick={() =>
                void act(takeFromShelf, { lotId: first!.id, massG: takenG }, (left) =>
                  t("takenLeft", { left: format.mass(left) }),
                )
              }
            >
              {t("takeItOut")}
            </Button>
            {first ? <Link href={`/butter/label/${first.id}`}>{t("label")}</Link> : null}
            <NumberField
              label={portionG === null ? t("askUnderGrams") : t("askAtPortions")}
              value={under}
              min={0}
              max={50_000}
              whole
              onChange={setUnder}
            />
            <Button
              loading={busy}
              onClick={() => void act(askForMoreUnder, { preparationId, par: under }, () => t("itWillAsk"))}
            >
              {t("setIt")}
            </Button>
          </div>
        </>
      ) : null}
    </li>
  );
}
