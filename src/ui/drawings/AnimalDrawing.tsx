"use client";
import type { AnimalId, Part } from "@/core/block";
import { DRAWINGS, FRAME } from "./anatomy";
import styles from "./AnimalDrawing.module.css";
import { t } from "@/words/ui";

type Props = {
  readonly animal: AnimalId;
  readonly parts: readonly Pick<Part, "id" | "label" | "use">[];
  /** The part in hand. */
  readonly active: string | null;
  /** Parts weighed already. */
  readonly done: ReadonlySet<string>;
  readonly onPick: (partId: string) => void;
};

/** The animal with its parts numbered as in the list beside it; a tap on one takes it in hand. */
export function AnimalDrawing({ animal, parts, active, done, onPick }: Props) {
  const { regions, marks } = DRAWINGS[animal];
  const numbered = new Set<number>();
  const shown = regions.flatMap((region, index) => {
    const part = region.parts.flatMap((id) => parts.filter((one) => one.id === id))[0];
    if (!part) return [];
    const number = parts.indexOf(part) + 1;
    const first = !numbered.has(number);
    numbered.add(number);
    return [{ ...region, index, part, number, first }];
  });
  const rest = regions.filter((region) => !shown.some(({ path }) => path === region.path) && !region.line);
  return (
    <svg
      className={styles.drawing}
      viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
      role="group"
      aria-label={t("theAnimalAndItsParts")}
    >
      {rest.map(({ path }) => (
        <path key={path} d={path} className={styles.rest} />
      ))}
      {shown.map(({ index, path, line, part }) => (
        <path
          key={index}
          d={path}
          className={line ? styles.line : styles.part}
          data-use={part.use}
          data-state={part.id === active ? "active" : done.has(part.id) ? "done" : "open"}
          onClick={() => onPick(part.id)}
        />
      ))}
      {marks.map((path) => (
        <path key={path} d={path} className={styles.mark} />
      ))}
      {shown
        .filter(({ first }) => first)
        .map(({ index, at: [x, y], part, number }) => (
          <g
            key={index}
            className={styles.number}
            role="button"
            tabIndex={0}
            aria-label={`${number}, ${part.label}${done.has(part.id) ? t("weighed") : ""}`}
            aria-pressed={part.id === active}
            data-state={part.id === active ? "active" : done.has(part.id) ? "done" : "open"}
            onClick={() => onPick(part.id)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              event.preventDefault();
              onPick(part.id);
            }}
          >
            <circle cx={x} cy={y} r="22" fill="transparent" />
            <circle cx={x} cy={y} r="11" />
            <text x={x} y={y + 4.5}>
              {number}
            </text>
          </g>
        ))}
    </svg>
  );
}
