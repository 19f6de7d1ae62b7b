"use client";
import { Segmented, Select } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { TRIM_USES, type Preference, type SidesRequest, type TailWay, type TrimUseId } from "@/core/block";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "./Cut.module.css";
import { t } from "@/words/block";

/** What the cook wants of the sides. */
export type Want = Omit<SidesRequest, "sides">;

const LEANS = [
  { value: 0, label: t("straight") },
  { value: 25, label: t("bias25") },
  { value: 45, label: t("bias45") },
];

const WEIGHTS: readonly FigureSpec<Want>[] = [
  { of: "portionG", label: t("portion"), kind: "mass", min: 10, max: 5000 },
  { of: "toleranceG", label: t("giveOrTake"), kind: "mass", min: 0, max: 500 },
];

type Props = {
  readonly want: Want;
  readonly rawAllowed: boolean;
  readonly onChange: (part: Partial<Want>) => void;
};

/** How heavy, how many, how cut, and what becomes of tails and trim. */
export function WantCard({ want, rawAllowed, onChange: change }: Props) {
  return (
    <section className={page.card}>
      <h2>{t("whatAPortionIs")}</h2>
      <div className={styles.inputs}>
        <NumberFields value={want} fields={WEIGHTS} onChange={change} />
        <label>
          {t("coversEmptyForAll")}
          <NumberInput
            value={want.covers}
            min={1}
            max={500}
            whole
            className={page.full ?? ""}
            onChange={(covers) => change({ covers })}
          />
        </label>
        <QuantityField
          label={t("shortestPiece")}
          kind="length"
          value={want.minPieceMm}
          min={0}
          max={300}
          onChange={(minPieceMm) => change({ minPieceMm })}
        />
        <label className={styles.full}>
          {t("knife")}
          <Segmented<number> block value={want.leanDeg} onChange={(leanDeg) => change({ leanDeg })} options={LEANS} />
        </label>
        <label className={styles.full}>
          {t("portionsComeFrom")}
          <Segmented<Preference>
            block
            value={want.preference}
            onChange={(preference) => change({ preference })}
            options={[
              { value: "even", label: t("whereItIsEven") },
              { value: "centre", label: t("theCentreFirst") },
            ]}
          />
        </label>
        <label>
          {t("thinTails")}
          <Select<TailWay>
            value={want.tails}
            onChange={(tails) => change({ tails })}
            options={[
              { value: "as-cut", label: t("asTheyAre") },
              { value: "fold", label: t("foldedUnder") },
              { value: "pair", label: t("twoTiedTogether") },
            ]}
          />
        </label>
        <label>
          {t("trimGoesTo")}
          <Select<TrimUseId>
            value={want.trimUse}
            onChange={(trimUse) => change({ trimUse })}
            options={TRIM_USES.filter(({ id }) => id !== "tartare" || rawAllowed).map(({ id, label }) => ({
              value: id,
              label,
            }))}
          />
        </label>
      </div>
      <details className={page.open}>
        <summary>{t("howTheCutsAreChosen")}</summary>
        <p>{t("mostPortionsWithinTheToleranceOr")}</p>
      </details>
    </section>
  );
}
