import { NumberInput } from "./NumberInput";
import { Field } from "./Field";

type Props = {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  /** Whole numbers only. */
  readonly whole?: boolean;
  readonly onChange: (value: number) => void;
};

/** A number without a unit of the house: counts, per cent, times. What is no number yet is not passed on. */
export const NumberField = ({ label, value, min, max, step = 1, whole = false, onChange }: Props) => (
  <Field label={label}>
    {(id) => (
      <NumberInput
        id={id}
        min={min}
        max={max}
        step={step}
        whole={whole}
        value={value}
        onChange={(typed) => {
          if (typed !== null) onChange(typed);
        }}
      />
    )}
  </Field>
);
