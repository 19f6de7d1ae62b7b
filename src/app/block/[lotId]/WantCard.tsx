"use client";
import { InputNumber, Segmented, Select } from "antd";
import { TRIM_USES, type Preference, type SidesRequest, type TailWay, type TrimUseId } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Cut.module.css";

/** What the cook wants of the sides. */
export type Want = Omit<SidesRequest, "sides">;

const LEANS = [
  { value: 0, label: "Straight" },
  { value: 25, label: "Bias 25°" },
  { value: 45, label: "Bias 45°" },
];

type Props = {
  readonly want: Want;
  readonly rawAllowed: boolean;
  readonly onChange: (part: Partial<Want>) => void;
};

/** How heavy, how many, how cut, and what becomes of tails and trim. */
export function WantCard({ want, rawAllowed, onChange: change }: Props) {
  const { format } = useHouse();
  return (
    <section className={page.card}>
      <h2>What a portion is</h2>
      <div className={styles.inputs}>
        <label>
          Portion, {format.massUnit}
          <UnitInput
            kind="mass"
            value={want.portionG}
            min={10}
            max={5000}
            onChange={(portionG) => change({ portionG })}
          />
        </label>
        <label>
          Give or take, {format.massUnit}
          <UnitInput
            kind="mass"
            value={want.toleranceG}
            min={0}
            max={500}
            onChange={(toleranceG) => change({ toleranceG })}
          />
        </label>
        <label>
          Covers, empty for all
          <InputNumber<number>
            value={want.covers}
            min={1}
            max={500}
            precision={0}
            inputMode="numeric"
            className={page.full ?? ""}
            onChange={(covers) => change({ covers })}
          />
        </label>
        <label>
          Shortest piece, {format.lengthUnit}
          <UnitInput
            kind="length"
            value={want.minPieceMm}
            min={0}
            max={300}
            onChange={(minPieceMm) => change({ minPieceMm })}
          />
        </label>
        <label className={styles.full}>
          Knife
          <Segmented<number> block value={want.leanDeg} onChange={(leanDeg) => change({ leanDeg })} options={LEANS} />
        </label>
        <label className={styles.full}>
          Portions come from
          <Segmented<Preference>
            block
            value={want.preference}
            onChange={(preference) => change({ preference })}
            options={[
              { value: "even", label: "Where it is even" },
              { value: "centre", label: "The centre first" },
            ]}
          />
        </label>
        <label>
          Thin tails
          <Select<TailWay>
            value={want.tails}
            onChange={(tails) => change({ tails })}
            options={[
              { value: "as-cut", label: "As they are" },
              { value: "fold", label: "Folded under" },
              { value: "pair", label: "Two tied together" },
            ]}
          />
        </label>
        <label>
          Trim goes to
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
        <summary>How the cuts are chosen</summary>
        <p>
          Most portions within the tolerance (or as many as there are covers); then weights as near the portion as they
          come; then the least difference of cooking time. How many each side gives is chosen over all sides together,
          exactly. Weight along the side follows thickness × width, straight between stations. Even: the trim falls
          where the thickness changes; centre first: it falls at the ends. Pieces whose cooking times differ by less
          than a fifth go into the pan together, thick ones first.
        </p>
      </details>
    </section>
  );
}
