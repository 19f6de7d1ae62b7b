"use client";
import { Alert } from "antd";
import type { ReactNode } from "react";
import type { Said } from "@/core/shared";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { useHouse } from "../hooks/HouseContext";
import { Empty } from "./Empty";
import page from "./page.module.css";

type Props = {
  /** What is asked, on the left; on a narrow screen under the answer. */
  readonly ask: ReactNode;
  /** It is being worked out. */
  readonly busy?: boolean;
  /** Why there is no answer. */
  readonly problem?: Said | null;
  /** Said while there is none yet. */
  readonly waiting?: string;
  /** The answer; null: there is none yet. */
  readonly children: ReactNode;
};

/** A question and its answer side by side; every change asks anew. */
export function AnswerBench({ ask, busy = false, problem = null, waiting, children }: Props) {
  const { format } = useHouse();
  return (
    <div className={page.wideRight}>
      {ask}
      <div className={`${page.stack} ${page.answerFirst}`} aria-busy={busy}>
        {problem ? (
          <Alert type="error" showIcon title={`${sentence(say(problem, format)).replace(/\.$/, "")}.`} />
        ) : null}
        {children === null && !problem && waiting ? (
          <section className={`${page.card} ${page.awaited}`}>
            <Empty>{waiting}</Empty>
          </section>
        ) : (
          children
        )}
      </div>
    </div>
  );
}
