"use client";
import { Button, Segmented } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState } from "react";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { countTheClose } from "../actions";

type Became = "staff" | "waste" | "plate";
type Props = {
  readonly batchId: string;
  readonly name: string;
  readonly booked: number;
  readonly kept: { readonly counted: number; readonly booked: number; readonly became: string | null } | null;
};

const WAYS = [
  { value: "staff", label: t("staffAte") },
  { value: "waste", label: t("thrownAway") },
  { value: "plate", label: t("plateNotTapped") },
];

/** One batch counted against the book; what is missing is asked for once. */
export function CountLine({ batchId, name, booked, kept }: Props) {
  const { act, busy } = useAct();
  const [counted, setCounted] = useState<number | null>(null);
  const [became, setBecame] = useState<Became | null>(null);
  const missing = counted === null ? 0 : booked - counted;
  return (
    <li className={page.row} data-testid="count-line">
      <span className={page.grow}>
        <span className={page.title}>{name}</span>
        <br />
        <span className={page.sub}>
          {t("bookSays", { count: booked })}
          {kept ? `; ${t("countedSo", { counted: kept.counted, booked: kept.booked, became: kept.became ?? "" })}` : ""}
        </span>
        {missing > 0 ? (
          <>
            <p>{t("whatBecame", { count: missing })}</p>
            <Segmented<Became>
              options={WAYS as { value: Became; label: string }[]}
              value={became ?? ("" as Became)}
              onChange={setBecame}
            />
          </>
        ) : null}
      </span>
      <NumberInput
        aria-label={`${t("counted")}: ${name}`}
        min={0}
        max={500}
        whole
        value={counted}
        onChange={setCounted}
      />
      <Button
        loading={busy}
        disabled={counted === null || (missing > 0 && became === null)}
        onClick={() =>
          void act(countTheClose, { batchId, counted, became: missing > 0 ? became : null }, (left) =>
            t("countIsKept", { missing: left }),
          )
        }
      >
        {t("keepTheCount")}
      </Button>
    </li>
  );
}
