"use client";
import { Button, InputNumber } from "antd";
import { Field } from "@/ui/form/Field";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { sayHands, saySpot } from "./actions";
import styles from "./Line.module.css";

type Props = {
  readonly hands: number;
  readonly out: readonly { readonly kind: string; readonly count: number }[];
};
const SPOTS = ["burner", "oven", "salamander", "fryer"] as const;

/** What the line has to work with: hands, and what is out. */
export function StationCard({ hands, out }: Props) {
  const { act, busy } = useAct();
  return (
    <section className={page.card} data-testid="station">
      <h2>{t("theStation")}</h2>
      <Field label={t("handsAtTheLine")}>
        {(id) => (
          <InputNumber
            id={id}
            min={1}
            max={12}
            precision={0}
            value={hands}
            onChange={(value) => {
              if (value !== null) void act(sayHands, { hands: value }, () => t("isSaid"));
            }}
          />
        )}
      </Field>
      <div className={styles.chips}>
        {SPOTS.map((kind) => (
          <Button key={kind} loading={busy} onClick={() => void act(saySpot, { kind, out: true }, () => t("isSaid"))}>
            {t("oneIsOut", { spot: kind })}
          </Button>
        ))}
      </div>
      {out.map(({ kind, count }) => (
        <p key={kind} className={page.row}>
          <span className={page.grow}>
            <b>{t("spotNamed", { spot: kind })}</b>: {t("isOut", { count })}
          </span>
          <Button loading={busy} onClick={() => void act(saySpot, { kind, out: false }, () => t("isSaid"))}>
            {t("worksAgain")}
          </Button>
        </p>
      ))}
    </section>
  );
}
