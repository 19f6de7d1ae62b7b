"use client";
import { useRef } from "react";
import { useTypedEarly } from "../hooks/useTypedEarly";
import styles from "./Choice.module.css";

type Props<Value extends string> = {
  readonly id?: string;
  readonly value: Value;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly onChange: (value: Value) => void;
};

/** One of a few, by the list of the device itself: a wet thumb knows it, and no page waits for it. */
export function Choice<Value extends string>({ id, value, options, onChange }: Props<Value>) {
  const list = useRef<HTMLSelectElement>(null);
  useTypedEarly(() => list.current);
  return (
    <select
      ref={list}
      id={id}
      className={styles.choice}
      value={value}
      onChange={({ target }) => onChange(target.value as Value)}
    >
      {options.map(({ value: one, label }) => (
        <option key={one} value={one}>
          {label}
        </option>
      ))}
    </select>
  );
}
