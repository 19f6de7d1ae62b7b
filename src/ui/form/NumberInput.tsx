"use client";
import { clamp } from "@/core/numeric";
import { Button, type InputRef } from "antd";
import { TextInput } from "./TextInput";
import { useEffect, useId, useImperativeHandle, useRef, useState, type FocusEvent, type Ref } from "react";
import { numberText, readTyped, type Typed } from "@/words/format/typedNumber";
import { t } from "@/words/ui";
import { useDecimalMark } from "../hooks/HouseContext";
import styles from "./NumberInput.module.css";
import { leavePad, setPadField, useFingers } from "./pad";
import { setUnsettled } from "./unsettled";

type Props = {
  readonly id?: string;
  readonly "aria-label"?: string;
  readonly value?: number | null;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
  readonly whole?: boolean;
  /** What is usual here: anything else is asked back before it is taken. */
  readonly usual?: readonly [from: number, to: number] | undefined;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  readonly className?: string;
  readonly size?: "large" | "middle";
  /** Another way to read and write it: inches as on a ruler. */
  readonly read?: (typed: string) => Typed;
  readonly show?: (value: number) => string;
  /** Null: nothing is typed, or what is typed is no number that can be taken. */
  readonly onChange?: (value: number | null) => void;
  readonly onFocus?: () => void;
  readonly onPressEnter?: () => void;
  readonly ref?: Ref<HTMLInputElement>;
};

type Typing = {
  readonly text: string;
  /** What was passed on for it. */
  readonly value: number | null;
  readonly problem: string | null;
  /** What the page had when it was typed. */
  readonly before: number | null;
  /** What it may mean; one tap says which. */
  readonly ask: readonly number[];
};

/** What the text says: a number to pass on, or why not and what to ask. */
function judge(
  text: string,
  typed: Typed,
  { min = -Infinity, max = Infinity, whole = false, usual }: Pick<Props, "min" | "max" | "whole" | "usual">,
  show: (value: number) => string,
): Omit<Typing, "before"> {
  const fault = (problem: string, ask: readonly number[] = []): Omit<Typing, "before"> => ({
    text,
    value: null,
    problem,
    ask,
  });
  const inRange = (value: number) => value >= min && value <= max && (!whole || Number.isInteger(value));
  if (typed.kind === "empty") return { text, value: null, problem: null, ask: [] };
  if (typed.kind === "none") return fault(t("thatIsNoNumber"));
  if (typed.kind === "unclear") {
    const fits = typed.options.filter(inRange);
    const [only] = fits;
    if (fits.length > 1) return fault(t("whichOfThem"), fits);
    if (only === undefined) return fault(rangeText(min, max, show));
    return judge(text, { kind: "number", value: only }, { min, max, whole, usual }, show);
  }
  const { value } = typed;
  if (whole && !Number.isInteger(value)) return fault(t("wholeNumbersOnly"));
  if (!inRange(value)) return fault(rangeText(min, max, show));
  if (usual && (value < usual[0] || value > usual[1]))
    return fault(t("thatIsUnusual", { from: show(usual[0]), to: show(usual[1]) }), [value]);
  return { text, value, problem: null, ask: [] };
}

function rangeText(min: number, max: number, show: (value: number) => string): string {
  if (min === -Infinity) return t("atMost", { max: show(max) });
  if (max === Infinity) return t("atLeast", { min: show(min) });
  return t("betweenTwo", { min: show(min), max: show(max) });
}

const tidy = (value: number): number => Number(value.toFixed(6));

/**
 * A number typed by wet hands: comma and point are the same, a tap takes the whole of it, arrows step it. What cannot be meant stays as
 * typed with the reason beside it and is not passed on; what is unusual, or could be two numbers, is asked back.
 */
export function NumberInput({
  value = null,
  min,
  max,
  step = 1,
  whole = false,
  usual,
  read,
  show,
  onChange,
  onFocus,
  onPressEnter,
  className,
  ref,
  ...rest
}: Props) {
  const decimalMark = useDecimalMark();
  const problemId = useId();
  const input = useRef<InputRef>(null);
  const [typing, setTyping] = useState<Typing | null>(null);
  useImperativeHandle(ref, () => input.current!.input!, []);
  const shown = show ?? ((one: number) => numberText(tidy(one), decimalMark));
  const [focused, setFocused] = useState(false);
  // a ruler's inches need a keyboard
  const onPad = useFingers() && read === undefined;
  // as long as hands are at it, and with a problem after that, unless the page changed it meanwhile
  const untouched = value === null || value === typing?.before;
  const stands = typing && (focused || (typing.problem !== null && untouched)) ? typing : null;
  const problem = stands?.problem ?? null;
  useEffect(() => {
    const field = input.current?.input;
    // hands that were at it before the page came alive are at it still
    if (field && field === document.activeElement) setFocused(true);
    return () => void (field && leavePad(field));
  }, []);
  useEffect(() => {
    const field = input.current?.input;
    if (!field) return;
    setUnsettled(field, problem !== null);
    return () => setUnsettled(field, false);
  }, [problem]);

  const pass = (next: Omit<Typing, "before">) => {
    setTyping({ ...next, before: value });
    if (next.value !== value) onChange?.(next.value);
  };
  const typed = (text: string) => pass(judge(text, (read ?? readWith)(text), { ...range, whole, usual }, shown));
  const readWith = (text: string) => readTyped(text, decimalMark);
  const range = { ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) };
  const stepped = (by: number) => {
    const from = value ?? min ?? 0;
    const next = clamp(tidy(from + by), min ?? -Infinity, max ?? Infinity);
    pass({ text: shown(next), value: next, problem: null, ask: [] });
  };
  const latest = useRef(typed);
  useEffect(() => {
    latest.current = typed;
  });
  // the keys write what the page makes of it now, not when the field was entered
  useEffect(() => {
    const field = input.current?.input;
    if (!focused || !onPad || !field) return;
    const mark = whole ? null : decimalMark === "comma" ? "," : ".";
    setPadField({ element: field, mark, signed: min === undefined || min < 0, write: (text) => latest.current(text) });
  }, [focused, onPad, whole, decimalMark, min]);
  const take = (one: number) => pass({ text: shown(one), value: one, problem: null, ask: [] });
  return (
    <span className={`${styles.number} ${className ?? ""}`}>
      <TextInput
        {...rest}
        ref={input}
        role="spinbutton"
        aria-valuenow={value ?? undefined}
        aria-valuemin={min}
        aria-valuemax={max}
        aria-invalid={problem !== null}
        aria-describedby={problem === null ? undefined : problemId}
        status={problem === null ? "" : "error"}
        autoComplete="off"
        inputMode={onPad ? "none" : whole ? "numeric" : "decimal"}
        value={stands ? stands.text : value === null ? "" : shown(value)}
        onChange={({ target }) => typed(target.value)}
        // every tap: what is typed next is the whole of it
        onClick={({ currentTarget }) => currentTarget.select()}
        onFocus={({ target }: FocusEvent<HTMLInputElement>) => {
          target.select();
          setFocused(true);
          onFocus?.();
        }}
        onBlur={({ target }: FocusEvent<HTMLInputElement>) => {
          setFocused(false);
          leavePad(target);
          if (problem === null) setTyping(null);
        }}
        onKeyDown={(event) => {
          const by = { ArrowUp: step, ArrowDown: -step }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          stepped(by);
        }}
        onPressEnter={(event) => {
          if (problem !== null) event.preventDefault();
          else onPressEnter?.();
        }}
      />
      {problem === null ? null : (
        <small id={problemId} className={styles.problem} role="alert">
          {problem}{" "}
          {stands!.ask.map((one) => (
            <Button key={one} size="small" onClick={() => take(one)}>
              {t("yesIt", { number: shown(one) })}
            </Button>
          ))}
        </small>
      )}
    </span>
  );
}
