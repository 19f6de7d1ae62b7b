"use client";
import { Alert, Button, DatePicker, Input, Segmented, Select, Upload } from "antd";
import type { Dayjs } from "dayjs";
import { useState } from "react";
import type { AdviceRating } from "@/core/trace";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { enterAdvice, importAdvice, type AdviceRead } from "./actions";

/** One entry by hand, or a file of them. */
export function AdviceDesk() {
  const { act } = useAct();
  const [speciesId, setSpeciesId] = useState<string | null>(null);
  const [production, setProduction] = useState<"wild" | "farmed" | "any">("any");
  const [area, setArea] = useState("");
  const [gear, setGear] = useState("");
  const [body, setBody] = useState("");
  const [rating, setRating] = useState<AdviceRating>("acceptable");
  const [issued, setIssued] = useState<Dayjs | null>(null);
  const [file, setFile] = useState<{ readonly text: string; readonly read: AdviceRead } | null>(null);

  const [cameIn, setCameIn] = useState(0);

  const enter = async () => {
    const entry = {
      speciesId,
      production: production === "any" ? null : production,
      area,
      gear,
      body,
      rating,
      issuedOn: issued?.format("YYYY-MM-DD"),
    };
    if (await act(enterAdvice, entry, () => "Entered.")) setSpeciesId(null);
  };
  const take = async (text: string, goodOnly: boolean) => {
    const read = await act(importAdvice, { text, goodOnly });
    if (!read) return;
    setFile(read.value.added > 0 ? null : { text, read: read.value });
    setCameIn(read.value.added);
  };
  return (
    <div className={page.stack}>
      <section className={page.card}>
        <h2>Enter one</h2>
        <Field label="Fish">
          {(id) => (
            <SpeciesSearch
              key={speciesId ?? "none"}
              id={id}
              {...(speciesId ? { value: speciesId } : {})}
              onChange={setSpeciesId}
            />
          )}
        </Field>
        <Field label="Rating">
          {(id) => (
            <Segmented<AdviceRating>
              id={id}
              block
              value={rating}
              onChange={setRating}
              options={[
                { value: "best", label: "Best" },
                { value: "acceptable", label: "Acceptable" },
                { value: "avoid", label: "Avoid" },
              ]}
            />
          )}
        </Field>
        <Field label="Who says so">
          {(id) => <Input id={id} maxLength={120} value={body} onChange={({ target }) => setBody(target.value)} />}
        </Field>
        <Field label="Issued on">
          {(id) => (
            <DatePicker
              id={id}
              className={page.full ?? ""}
              format="ddd D MMM YYYY"
              value={issued}
              onChange={setIssued}
            />
          )}
        </Field>
        <Field label="Wild or farmed">
          {(id) => (
            <Select
              id={id}
              value={production}
              className={page.full ?? ""}
              onChange={setProduction}
              options={[
                { value: "any", label: "Either" },
                { value: "wild", label: "Wild" },
                { value: "farmed", label: "Farmed" },
              ]}
            />
          )}
        </Field>
        <Field label="Only from this area">
          {(id) => <Input id={id} maxLength={120} value={area} onChange={({ target }) => setArea(target.value)} />}
        </Field>
        <Field label="Only by this gear">
          {(id) => <Input id={id} maxLength={120} value={gear} onChange={({ target }) => setGear(target.value)} />}
        </Field>
        <Button type="primary" disabled={!speciesId || body.trim() === "" || !issued} onClick={enter}>
          Enter it
        </Button>
      </section>
      <section className={page.card}>
        <h2>Read in a file</h2>
        <p className={page.source}>CSV with the columns species, production, area, gear, body, rating, date.</p>
        <Upload
          accept=".csv,.txt"
          showUploadList={false}
          beforeUpload={(chosen) => {
            void chosen.text().then((text) => take(text, false));
            return false;
          }}
        >
          <Button>Choose a CSV file</Button>
        </Upload>
        {cameIn > 0 ? <p>{cameIn} entries came in.</p> : null}
        {file ? (
          <div className={page.above}>
            <Alert
              type="warning"
              showIcon
              title={`${file.read.problems.length} rows cannot be read`}
              description={
                <ul>
                  {file.read.problems.map(({ line, reason }) => (
                    <li key={line}>
                      Line {line}: {reason}
                    </li>
                  ))}
                </ul>
              }
            />
            <p className={`${page.line} ${page.above}`}>
              <Button disabled={file.read.good === 0} onClick={() => take(file.text, true)}>
                Take the {file.read.good} good rows
              </Button>
              <Button onClick={() => setFile(null)}>Take none</Button>
            </p>
          </div>
        ) : null}
      </section>
    </div>
  );
}
