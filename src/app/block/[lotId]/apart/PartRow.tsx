"use client";
import { Select } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { PART_USES, PART_USE_IDS, type Part, type PartUse, type PartYield } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/block";
import styles from "./Apart.module.css";

export type Weighed = { readonly massG: number | null; readonly use: PartUse; readonly placeId: string };

type Props = {
  readonly part: Part;
  readonly weighed: Weighed;
  /** What the house's own weighings say of it, if there are any. */
  readonly own: PartYield | undefined;
  readonly number: number;
  readonly wholeG: number;
  readonly active: boolean;
  readonly places: readonly { readonly id: string; readonly name: string }[];
  readonly onInput: (element: HTMLInputElement | null) => void;
  readonly onActive: () => void;
  readonly onNext: () => void;
  readonly onChange: (to: Partial<Weighed>) => void;
};

/** One part that comes off: its weight against what good animals give, its use and where it lies. */
export function PartRow({
  part,
  weighed,
  own,
  number,
  wholeG,
  active,
  places,
  onInput,
  onActive,
  onNext,
  onChange,
}: Props) {
  const { format } = useHouse();
  const { massG, use, placeId } = weighed;
  const usual = own ? own.housePct : part.pct[1];
  const read = massG === null ? null : (100 * massG) / wholeG;
  const odd = read === null ? null : read < part.pct[0] ? "low" : read > part.pct[2] ? "high" : "in";
  return (
    <li data-active={active} data-part={part.id}>
      <span className={styles.number} aria-hidden="true">
        {number}
      </span>
      <div className={styles.name}>
        {t.rich("labelWholeToWhole2Value", {
          label: part.label,
          b: (words) => <b>{words}</b>,
          whole: format.mass((wholeG * part.pct[0]) / 100),
          whole2: format.mass((wholeG * part.pct[2]) / 100),
          value: own ? t("houseWholeOverTimes", { whole: format.mass((wholeG * usual) / 100), times: own.times }) : "",
          span: (words) => (
            <span className={page.sub} title={part.source}>
              {words}
            </span>
          ),
        })}
      </div>
      <NumberInput
        ref={onInput}
        aria-label={`${part.label}, ${format.massUnit}`}
        placeholder={format.massUnit}
        value={massG === null ? null : Number(format.toMass(massG).toFixed(format.units === "metric" ? 0 : 1))}
        min={0}
        onFocus={onActive}
        onPressEnter={onNext}
        onChange={(shown) => onChange({ massG: shown === null ? null : format.fromMass(shown) })}
      />
      <span className={styles.read} data-odd={odd ?? "none"}>
        {read === null ? `${format.number(usual, usual < 10 ? 1 : 0)} %` : `${format.number(read, 1)} %`}
        {odd === "low" || odd === "high" ? <b> {odd === "low" ? t("low") : t("high")}</b> : null}
      </span>
      <Select<PartUse>
        aria-label={t("labelGoesTo", { label: part.label })}
        value={use}
        onChange={(chosen) => onChange({ use: chosen })}
        options={PART_USE_IDS.map((value) => ({ value, label: PART_USES[value] }))}
      />
      <Select<string>
        aria-label={t("labelLiesIn", { label: part.label })}
        value={placeId}
        disabled={use === "waste"}
        onChange={(chosen) => onChange({ placeId: chosen })}
        options={places.map(({ id, name }) => ({ value: id, label: name }))}
      />
    </li>
  );
}
