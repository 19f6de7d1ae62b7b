"use client";
import { QUESTIONS } from "@/house/book/binder";
import { Choice } from "@/ui/form/Choice";
import { TextInput } from "@/ui/form/TextInput";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/book";
import { t as asked } from "@/words/trace";
import type { LedgerLine } from "./lineOf";

const ALL = "";
const QUESTION = "question:";

/** What is looked for: a question of an inspector or a kind of entry, somebody, words of the line (a lot, a table). */
export type Wanted = { readonly kind: string; readonly who: string; readonly text: string };
export const NO_FILTER: Wanted = { kind: ALL, who: ALL, text: "" };

export const fits = ({ what, questions, who, text }: LedgerLine, wanted: Wanted): boolean =>
  (wanted.kind === ALL ||
    (wanted.kind.startsWith(QUESTION)
      ? questions.some((id) => `${QUESTION}${id}` === wanted.kind)
      : wanted.kind === what)) &&
  (wanted.who === ALL || who === wanted.who) &&
  text.toLowerCase().includes(wanted.text.trim().toLowerCase());

type Props = {
  readonly lines: readonly LedgerLine[];
  readonly wanted: Wanted;
  readonly onChange: (part: Partial<Wanted>) => void;
};

const plain = (value: string) => ({ value, label: value });

/** Which lines are shown. */
export function LedgerFilter({ lines, wanted, onChange }: Props) {
  const asks = new Set(lines.flatMap(({ questions }) => questions));
  const kinds = [
    { value: ALL, label: t("everyEntry") },
    ...QUESTIONS.filter((id) => asks.has(id)).map((id) => ({
      value: `${QUESTION}${id}`,
      label: t("questionOf", { question: asked("question", { id }) }),
    })),
    ...[...new Set(lines.map(({ what }) => what))].sort().map(plain),
  ];
  const people = [
    { value: ALL, label: t("everybody") },
    ...[...new Set(lines.map(({ who }) => who))].sort().map(plain),
  ];
  return (
    <div className={`${page.line} ${page.below} ${page.screenOnly}`}>
      <label className={page.labelled}>
        {t("show")}
        <Choice value={wanted.kind} options={kinds} onChange={(kind) => onChange({ kind })} />
      </label>
      <label className={page.labelled}>
        {t("byWhom")}
        <Choice value={wanted.who} options={people} onChange={(who) => onChange({ who })} />
      </label>
      <label className={`${page.labelled} ${page.grow}`}>
        {t("lotOrWord")}
        <TextInput value={wanted.text} maxLength={60} onChange={({ target }) => onChange({ text: target.value })} />
      </label>
    </div>
  );
}
