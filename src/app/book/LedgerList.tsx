"use client";
import { useState } from "react";
import { momentText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { PlainButton } from "@/ui/form/PlainButton";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import styles from "./Book.module.css";
import { EntryActions } from "./EntryActions";
import { fits, LedgerFilter, NO_FILTER } from "./LedgerFilter";
import type { LedgerLine } from "./lineOf";
import { t } from "@/words/book";

/** So many lines are read at once; the rest is a tap away. */
const PAGE = 25;

type Props = {
  readonly lines: readonly LedgerLine[];
  /** Entries of many days: each says its own. */
  readonly manyDays?: boolean;
};

/** An entry; what can be done with it is drawn when it is opened. */
function EntryLine({ line, when }: { readonly line: LedgerLine; readonly when: string }) {
  const [opened, setOpened] = useState(false);
  const { seq, who, what, text } = line;
  return (
    <li data-seq={seq}>
      <details
        // it may have been opened before the page came alive
        ref={(element) => setOpened((before) => before || element?.open === true)}
        onToggle={() => setOpened(true)}
      >
        <summary className={styles.entry}>
          <span className="figure">{when}</span>
          <span>{who}</span>
          <b>{what}</b>
          <span className={styles.text}>{text}</span>
        </summary>
        {opened ? <EntryActions line={line} /> : null}
      </details>
    </li>
  );
}

/** The entries, newest first. A line opens to what it is of and what can be added to it; nothing can be changed. */
export function LedgerList({ lines, manyDays = false }: Props) {
  const { timeZone } = useHouse();
  const [wanted, setWanted] = useState(NO_FILTER);
  const [shown, setShown] = useState(PAGE);
  if (lines.length === 0) return <Empty>{t("nothingWasWrittenOnThisDay")}</Empty>;
  const found = lines.filter((line) => fits(line, wanted));
  const left = found.length - shown;
  return (
    <>
      <LedgerFilter
        lines={lines}
        wanted={wanted}
        onChange={(part) => {
          setWanted((before) => ({ ...before, ...part }));
          setShown(PAGE);
        }}
      />
      {found.length === 0 ? <p className={page.sub}>{t("noLineFits")}</p> : null}
      <ol className={styles.entries} data-testid="entries">
        {found.slice(0, shown).map((line) => (
          <EntryLine
            key={line.seq}
            line={line}
            when={manyDays ? momentText(line.atMs, 0, timeZone) : timeText(line.atMs, timeZone)}
          />
        ))}
      </ol>
      {left > 0 ? (
        <p className={page.above}>
          <PlainButton onClick={() => setShown((count) => count + PAGE)}>
            {t("showMore", { more: Math.min(PAGE, left), left })}
          </PlainButton>
        </p>
      ) : null}
    </>
  );
}
