"use client";
import { Button, Input, Select, Upload } from "antd";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { importTrace } from "./actions";

type Props = { readonly cooks: readonly { readonly id: string; readonly title: string }[] };

/** Brings a logger's trace to the cook it was taken in. */
export function TraceImport({ cooks }: Props) {
  const { act } = useAct();
  const [cookId, setCookId] = useState<string | null>(null);
  const [text, setText] = useState("");
  if (cooks.length === 0) return <p className={page.empty}>No cook to bring it to yet.</p>;
  const bring = async () => {
    const done = await act(importTrace, { cookId, text }, (count) => `${count} readings came in.`);
    if (done) setText("");
  };
  return (
    <div className={page.list}>
      <label className={page.labelled}>
        Cook
        <Select<string>
          value={cookId}
          placeholder="which cook"
          onChange={setCookId}
          options={cooks.map(({ id, title }) => ({ value: id, label: title }))}
        />
      </label>
      <Upload
        accept=".csv,.txt"
        showUploadList={false}
        beforeUpload={(chosen) => {
          void chosen.text().then(setText);
          return false;
        }}
      >
        <Button>Choose a file</Button>
      </Upload>
      <label className={page.labelled}>
        Or the lines themselves
        <Input.TextArea
          rows={6}
          value={text}
          placeholder={"seconds;°C\n0;8.2\n60;12.4\n120;19.0"}
          onChange={({ target }) => setText(target.value)}
        />
      </label>
      <Button disabled={cookId === null || text.trim() === ""} onClick={bring}>
        Bring them in
      </Button>
      <p className={page.source}>
        Comma or semicolon; seconds, minutes or m:ss; °C, or °F where the head says so. Times count from the start of
        the cook.
      </p>
    </div>
  );
}
