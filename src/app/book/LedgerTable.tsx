"use client";
import { Button, Input, Modal, Table } from "antd";
import Link from "next/link";
import { useAct } from "@/ui/hooks/useAct";
import { useState } from "react";
import { timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { correct } from "./actions";
import type { LedgerLine } from "./lineOf";

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
          emptyText: <p className={page.empty}>Nothing was written on this day. Doing the work writes the book.</p>,
        }}
        scroll={{ x: 680 }}
        columns={[
          { title: "No.", dataIndex: "seq", width: 64, render: (seq: number) => <span className="figure">{seq}</span> },
          {
            title: "Time",
            dataIndex: "atMs",
            width: 76,
            render: (atMs: number) => <span className="figure">{timeText(atMs, timeZone)}</span>,
          },
          { title: "Who", dataIndex: "who", width: 92 },
          {
            title: "What",
            dataIndex: "what",
            width: 128,
            render: (what: string) => <b>{what}</b>,
            filters: [...new Set(lines.map(({ what }) => what))].map((what) => ({ text: what, value: what })),
            onFilter: (value, line) => line.what === value,
          },
          {
            title: "Entry",
            dataIndex: "text",
            render: (text: string, line) => (
              <>
                {text}{" "}
                <span className={page.source} title={`Seal ${line.hash}`}>
                  seal {line.hash.slice(0, 8)}
                </span>
              </>
            ),
          },
          {
            title: <span className="visually-hidden">Links</span>,
            key: "links",
            width: 190,
            render: (_, line) => (
              <span className={`${page.line} ${page.end}`}>
                {line.lotId ? <Link href={`/book/lot/${line.lotId}`}>Trace</Link> : null}
                <Button size="small" onClick={() => setCorrecting(line)} aria-label={`Correct entry ${line.seq}`}>
                  Correct
                </Button>
              </span>
            ),
          },
        ]}
      />
      <Modal
        title={`Correct entry ${correcting?.seq ?? ""}`}
        open={correcting !== null}
        onCancel={() => setCorrecting(null)}
        onOk={save}
        okText="Add the correction"
        cancelText="Leave it"
        okButtonProps={{ disabled: note.trim().length < 3 }}
      >
        <p className={page.below}>
          {correcting?.text} The entry stays as it is; what you write is added after it and points at it.
        </p>
        <Input.TextArea
          aria-label="What is true instead"
          value={note}
          onChange={(event) => setNote(event.target.value)}
          rows={3}
          maxLength={500}
        />
      </Modal>
    </>
  );
}
