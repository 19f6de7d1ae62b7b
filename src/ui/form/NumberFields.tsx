import { NumberField } from "./NumberField";
import { QuantityField } from "./QuantityField";

type NumberKeys<T> = { [Key in keyof T]: T[Key] extends number ? Key : never }[keyof T];

/** One figure of a form: its label, in which quantity of the house it is said, and within what. */
export type FigureSpec<T> = {
  readonly of: NumberKeys<T>;
  readonly label: string;
  /** None: a count, per cent, a time. */
  readonly kind?: "mass" | "length" | "temperature" | "volume";
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly whole?: boolean;
};

type Props<T> = {
  readonly value: T;
  readonly fields: readonly FigureSpec<T>[];
  readonly onChange: (part: Partial<T>) => void;
};

/** Figures of one thing, side by side, each in the units of the house. */
export function NumberFields<T>({ value, fields, onChange }: Props<T>) {
  return fields.map(({ of, kind, ...field }) => {
    const input = {
      ...field,
      value: value[of] as number,
      onChange: (typed: number) => onChange({ [of]: typed } as Partial<T>),
    };
    return kind ? (
      <QuantityField key={String(of)} kind={kind} {...input} />
    ) : (
      <NumberField key={String(of)} {...input} />
    );
  });
}
