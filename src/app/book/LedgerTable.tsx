"use client";
import { Button, Input, Modal, Table } from "antd";
import Link from "next/link";
import { useAct } from "@/ui/hooks/useAct";
import { useState } from "react";
import { timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { correct } from "./actions";
import type { LedgerLine } from "./lineOf";
import { t } from "@/words/book";
import { Empty } from "@/ui/layout/Empty";

/** The ledger of a day, newest first. Nothing can be changed; a correction is one more line. */
export function LedgerTable({ lines }: { readonly lines: readonly LedgerLine[] }) {
  const { timeZone } = useHouse();
  const { act } = useAct();
  const [correcting, setCorrecting] = useState<LedgerLine | null>(null);
  const [note, setNote] = useState("");

  const save = async () => {
    if (!correcting) return;
    if (!(await act(correct, { seq: correcting.seq, note }))) return;
    setCorrecting(null);
    setNote("");
  };

  return (
    <>
      <Table<LedgerLine>
        rowKey="seq"
        dataSource={[...lines]}
        size="small"
        pagination={{ pageSize: 25, hideOnSinglePage: true, showSizeChanger: false }}
        locale={{
          emptyText: <Empty>{t("nothingWasWrittenOnThisDay")}</Empty>,
        }}
        scroll={{ x: 680 }}
        columns={[
          {
            title: t("no"),
            dataIndex: "seq",
            width: 64,
            render: (seq: number) => <span className="figure">{seq}</span>,
          },
          {
            title: t("time"),
            dataIndex: "atMs",
            width: 76,
            render: (atMs: number) => <span className="figure">{timeText(atMs, timeZone)}</span>,
          },
          { title: t("who"), dataIndex: "who", width: 92 },
          {
            title: t("what"),
            dataIndex: "what",
            width: 128,
            render: (what: string) => <b>{what}</b>,
            filters: [...new Set(lines.map(({ what }) => what))].map((what) => ({ text: what, value: what })),
            onFilter: (value, line) => line.what === value,
          },
          {
            title: t("entry"),
            dataIndex: "text",
            render: (text: string, line) => (
              <>
                {t.rich("textSealHash", {
                  text,
                  hash: line.hash.slice(0, 8),
                  span: (words) => (
                    <span className={page.source} title={t("sealHash", { hash: line.hash })}>
                      {words}
                    </span>
                  ),
                })}
              </>
            ),
          },
          {
            title: <span className="visually-hidden">{t("links")}</span>,
            key: "links",
            width: 190,
            render: (_, line) => (
              <span className={`${page.line} ${page.end}`}>
                {line.lotId ? <Link href={`/book/lot/${line.lotId}`}>{t("trace")}</Link> : null}
                <Button
                  size="small"
                  onClick={() => setCorrecting(line)}
                  aria-label={t("correctEntrySeq", { seq: line.seq })}
                >
                  {t("correct")}
                </Button>
              </span>
            ),
          },
        ]}
      />
      <Modal
        title={t("correctEntrySeq", { seq: correcting?.seq ?? "" })}
        open={correcting !== null}
        onCancel={() => setCorrecting(null)}
        onOk={save}
        okText={t("addTheCorrection")}
        cancelText={t("leaveIt")}
        okButtonProps={{ disabled: note.trim().length < 3 }}
      >
        <p className={page.below}>
          {correcting?.text} {t("theEntryStaysAsItIs")}
        </p>
        <Input.TextArea
          aria-label={t("whatIsTrueInstead")}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          rows={3}
          maxLength={500}
        />
      </Modal>
    </>
  );
}
