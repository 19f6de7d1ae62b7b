"use client";
import { Button } from "antd";
import { useEffect, useRef, useState, type ComponentProps } from "react";
import { t } from "@/words/ui";
import styles from "./HoldButton.module.css";

/** So long it is held before it is done, ms. */
const HOLD_MS = 700;
/** So long a short press says what to do, and a key waits for the second, ms. */
const ASK_MS = 3000;

type Props = Omit<ComponentProps<typeof Button>, "onClick"> & { readonly onConfirm: () => void };

/** For what cannot be taken back: held by a finger or a mouse, pressed twice by a key. A brush of a sleeve does nothing. */
export function HoldButton({ onConfirm, children, className, ...rest }: Props) {
  const [state, setState] = useState<"still" | "held" | "asking">("still");
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const after = (ms: number, what: () => void) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(what, ms);
  };
  const ask = () => {
    setState("asking");
    after(ASK_MS, () => setState("still"));
  };
  const done = () => {
    setState("still");
    onConfirm();
  };
  const letGo = () => {
    if (state === "held") ask();
  };
  return (
    <Button
      {...rest}
      className={`${styles.hold} ${className ?? ""}`}
      data-held={state === "held" || undefined}
      onPointerDown={() => {
        setState("held");
        after(HOLD_MS, done);
      }}
      onPointerUp={letGo}
      onPointerLeave={letGo}
      onPointerCancel={letGo}
      onContextMenu={(event) => event.preventDefault()}
      onClick={({ detail }) => {
        // what follows a finger was counted while it was down; a key clicks without one
        if (detail > 0) return;
        if (state !== "asking") ask();
        else {
          clearTimeout(timer.current);
          done();
        }
      }}
    >
      {state === "asking" ? t("holdToDoIt") : children}
    </Button>
  );
}
