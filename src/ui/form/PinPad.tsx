"use client";
import { useId, type Dispatch, type SetStateAction } from "react";
import { t } from "@/words/ui";
import styles from "./PinPad.module.css";
import { TextInput } from "./TextInput";

const LONGEST = 6;
const KEYS = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "back", "0"] as const;

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onChange: Dispatch<SetStateAction<string>>;
  readonly onEnter: () => void;
};

/** A PIN by keys a wet hand hits, or by the keyboard; what is typed is not shown. */
export function PinPad({ label, value, onChange, onEnter }: Props) {
  const id = useId();
  const digits = (typed: string) => typed.replace(/\D/g, "").slice(0, LONGEST);
  // by what is there when the key is heard: fingers are faster than a slow tablet draws
  const press = (key: (typeof KEYS)[number]) =>
    onChange((before) => (key === "back" ? before.slice(0, -1) : digits(`${before}${key}`)));
  return (
    <div className={styles.pad}>
      <label htmlFor={id}>{label}</label>
      <TextInput
        id={id}
        type="password"
        size="large"
        inputMode="none"
        autoComplete="off"
        autoFocus
        value={value}
        onChange={({ target }) => onChange(digits(target.value))}
        onPressEnter={onEnter}
      />
      <div className={styles.keys}>
        {KEYS.map((key) => (
          <button
            key={key}
            type="button"
            aria-label={key === "back" ? t("takeOneBack") : key}
            onClick={() => press(key)}
          >
            {key === "back" ? "‹" : key}
          </button>
        ))}
      </div>
    </div>
  );
}
