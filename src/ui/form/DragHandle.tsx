"use client";
import { clamp } from "@/core/numeric";
import { useDrag } from "@use-gesture/react";
import type { KeyboardEvent, ReactNode } from "react";

type Props = {
  readonly label: string;
  /** The value in words, for who cannot see it. */
  readonly text: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** Of the arrow keys and of the drag. */
  readonly step: number;
  readonly bigStep: number;
  /** What a pixel of the hand is worth. */
  readonly perPixel: () => number;
  readonly className?: string | undefined;
  readonly onChange: (value: number) => void;
  /** How it looks, as SVG. */
  readonly children: ReactNode;
};

const ARROWS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };
const PAGES: Readonly<Record<string, number>> = { PageUp: 1, PageDown: -1 };

/** A part of a drawing that is dragged up and down, or moved by the arrow keys, Page, Home and End. */
export function DragHandle({
  label,
  text,
  value,
  min,
  max,
  step,
  bigStep,
  perPixel,
  className,
  onChange,
  children,
}: Props) {
  const set = (to: number) => onChange(clamp(Math.round(to / step) * step, min, max));
  const bind = useDrag(
    ({ movement: [, down], first, memo }) => {
      const start = first || typeof memo !== "number" ? value : memo;
      set(start - down * perPixel());
      return start;
    },
    // the keys are ours: a drag that hears them too puts the value back when a key is let go
    { pointer: { keys: false } },
  );
  const nudge = (event: KeyboardEvent) => {
    const { key } = event;
    const to =
      key === "Home"
        ? min
        : key === "End"
          ? max
          : ARROWS[key] !== undefined
            ? value + ARROWS[key] * step
            : PAGES[key] !== undefined
              ? value + PAGES[key] * bigStep
              : null;
    if (to === null) return;
    event.preventDefault();
    set(to);
  };
  return (
    <g
      {...bind()}
      {...(className ? { className } : {})}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuetext={text}
      aria-orientation="vertical"
      onKeyDown={nudge}
    >
      {children}
    </g>
  );
}
