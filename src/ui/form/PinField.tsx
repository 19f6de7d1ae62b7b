"use client";
import { Field } from "./Field";
import { TextInput } from "./TextInput";

const LONGEST_PIN = 6;

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onEnter?: () => void;
};

/** A PIN that is given to somebody; what is typed is not shown, and no browser keeps it. */
export const PinField = ({ label, value, onChange, onEnter }: Props) => (
  <Field label={label}>
    {(id) => (
      <TextInput
        id={id}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        maxLength={LONGEST_PIN}
        value={value}
        onChange={({ target }) => onChange(target.value)}
        {...(onEnter ? { onPressEnter: onEnter } : {})}
      />
    )}
  </Field>
);
