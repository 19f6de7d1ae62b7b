"use client";
import { useEffect } from "react";
import { t } from "@/words/ui";
import styles from "./Keypad.module.css";
import { afterKey, useFingers, usePadField } from "./pad";

const DIGITS = ["7", "8", "9", "4", "5", "6", "1", "2", "3"] as const;

/** Keys in the page for number fields, large enough for a wet thumb. They stand below; the clocks above stay in sight. */
export function Keypad() {
  const field = usePadField();
  const fingers = useFingers();
  const shown = fingers && field !== null;
  useEffect(() => {
    if (!shown) return;
    document.body.dataset["pad"] = "";
    field.element.scrollIntoView({ block: "center" });
    return () => void delete document.body.dataset["pad"];
  }, [shown, field]);
  if (!shown) return null;
  const press = (key: string) => {
    const { element } = field;
    const end = element.value.length;
    const next = afterKey(element.value, [element.selectionStart ?? end, element.selectionEnd ?? end], key);
    field.write(next.text);
    requestAnimationFrame(() => element.setSelectionRange(next.caret, next.caret));
  };
  const key = (name: string, words: string = name, label?: string) => (
    <button
      key={name}
      type="button"
      tabIndex={-1}
      aria-label={label}
      // the field keeps the hand
      onPointerDown={(event) => event.preventDefault()}
      onClick={() => press(name)}
    >
      {words}
    </button>
  );
  return (
    <div className={styles.pad} role="group" aria-label={t("numberKeys")} data-testid="keypad">
      {DIGITS.map((digit) => key(digit))}
      {field.mark === null ? <span /> : key(field.mark, field.mark, t("decimalMark"))}
      {key("0")}
      {key("back", "⌫", t("takeOneBack"))}
      <button
        type="button"
        tabIndex={-1}
        className={styles.done}
        onPointerDown={(event) => event.preventDefault()}
        onClick={() => field.element.blur()}
      >
        {t("padDone")}
      </button>
      {field.signed ? key("sign", "±", t("belowZero")) : null}
    </div>
  );
}
