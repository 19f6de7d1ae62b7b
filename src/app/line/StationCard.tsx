"use client";
import { MinusOutlined, PlusOutlined } from "@ant-design/icons";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { sayHands, saySpot, saySpotCount } from "./actions";
import styles from "./Line.module.css";
import type { LineView } from "./plan/lineView";
import { PlainButton } from "@/ui/form/PlainButton";

type Props = {
  readonly hands: number;
  readonly station: LineView["station"];
  readonly out: readonly { readonly kind: string; readonly count: number }[];
};
/** A house that named no racks has two an oven. */
const COUNTED = [
  ["burner", "burners"],
  ["oven", "ovens"],
  ["rack", "racks"],
  ["salamander", "salamanders"],
  ["fryer", "fryers"],
] as const;
const CAN_BE_OUT = ["burner", "oven", "salamander", "fryer"] as const;

type CountProps = {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (count: number) => void;
};

/** One more or one fewer at a tap: a station changes by one. */
function Count({ label, value, min, max, onChange }: CountProps) {
  return (
    <span className={styles.countOf} role="group" aria-label={label}>
      <span>{label}</span>
      <PlainButton
        disabled={value <= min}
        aria-label={`${t("oneFewer")}: ${label}`}
        onClick={() => onChange(value - 1)}
      >
        <MinusOutlined />
      </PlainButton>
      <b className="figure">{value}</b>
      <PlainButton
        disabled={value >= max}
        aria-label={`${t("oneMoreOf")}: ${label}`}
        onClick={() => onChange(value + 1)}
      >
        <PlusOutlined />
      </PlainButton>
    </span>
  );
}

/** What the line has to work with: hands, spots, and what is out. */
export function StationCard({ hands, station, out }: Props) {
  const { act, busy } = useAct();
  const said = () => t("isSaid");
  return (
    <section className={`${page.card} ${styles.station}`} data-testid="station">
      <h2>{t("theStation")}</h2>
      <div className={styles.counts}>
        <Count
          label={t("handsAtTheLine")}
          value={hands}
          min={1}
          max={12}
          onChange={(count) => void act(sayHands, { hands: count }, said)}
        />
        {COUNTED.map(([kind, of]) => (
          <Count
            key={kind}
            label={t("howMany", { spot: kind })}
            value={station[of]}
            min={kind === "burner" ? 1 : 0}
            max={24}
            onChange={(count) => void act(saySpotCount, { kind, count }, said)}
          />
        ))}
      </div>
      <div className={styles.chips}>
        {CAN_BE_OUT.map((kind) => (
          <PlainButton key={kind} busy={busy} onClick={() => void act(saySpot, { kind, out: true }, said)}>
            {t("oneIsOut", { spot: kind })}
          </PlainButton>
        ))}
      </div>
      {out.map(({ kind, count }) => (
        <p key={kind} className={page.row}>
          <span className={page.grow}>
            <b>{t("spotNamed", { spot: kind })}</b>: {t("isOut", { count })}
          </span>
          <PlainButton busy={busy} onClick={() => void act(saySpot, { kind, out: false }, said)}>
            {t("worksAgain")}
          </PlainButton>
        </p>
      ))}
    </section>
  );
}
