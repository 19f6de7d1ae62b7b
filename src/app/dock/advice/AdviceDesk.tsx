"use client";
import { Alert, Button, Segmented, Select } from "antd";
import { TextInput } from "@/ui/form/TextInput";
import { FileButton } from "@/ui/form/FileButton";
import { DatePicker } from "@/ui/form/DatePicker";
import type { Dayjs } from "dayjs";
import { useState } from "react";
import type { AdviceRating } from "@/core/trace";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { enterAdvice, importAdvice, type AdviceRead } from "./actions";
import { t } from "@/words/dock";
import { Source } from "@/ui/layout/Source";

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
    if (await act(enterAdvice, entry, () => t("entered"))) setSpeciesId(null);
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
        <h2>{t("enterOne")}</h2>
        <Field label={t("fish")}>
          {(id) => (
            <SpeciesSearch
              key={speciesId ?? "none"}
              id={id}
              {...(speciesId ? { value: speciesId } : {})}
              onChange={setSpeciesId}
            />
          )}
        </Field>
        <Field label={t("rating")}>
          {(id) => (
            <Segmented<AdviceRating>
              id={id}
              block
              value={rating}
              onChange={setRating}
              options={[
                { value: "best", label: t("best") },
                { value: "acceptable", label: t("acceptable") },
                { value: "avoid", label: t("avoid") },
              ]}
            />
          )}
        </Field>
        <Field label={t("whoSaysSo")}>
          {(id) => <TextInput id={id} maxLength={120} value={body} onChange={({ target }) => setBody(target.value)} />}
        </Field>
        <Field label={t("issuedOn")}>
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
        <Field label={t("wildOrFarmed")}>
          {(id) => (
            <Select
              id={id}
              value={production}
              className={page.full ?? ""}
              onChange={setProduction}
              options={[
                { value: "any", label: t("either") },
                { value: "wild", label: t("wild") },
                { value: "farmed", label: t("farmed") },
              ]}
            />
          )}
        </Field>
        <Field label={t("onlyFromThisArea")}>
          {(id) => <TextInput id={id} maxLength={120} value={area} onChange={({ target }) => setArea(target.value)} />}
        </Field>
        <Field label={t("onlyByThisGear")}>
          {(id) => <TextInput id={id} maxLength={120} value={gear} onChange={({ target }) => setGear(target.value)} />}
        </Field>
        <Button type="primary" disabled={!speciesId || body.trim() === "" || !issued} onClick={enter}>
          {t("enterIt")}
        </Button>
      </section>
      <section className={page.card}>
        <h2>{t("readInAFile")}</h2>
        <Source>{t("csvWithTheColumnsSpeciesProduction")}</Source>
        <FileButton accept=".csv,.txt" onFile={(chosen) => void chosen.text().then((text) => take(text, false))}>
          {t("chooseACsvFile")}
        </FileButton>
        {cameIn > 0 ? <p>{t("cameInEntriesCameIn", { cameIn })}</p> : null}
        {file ? (
          <div className={page.above}>
            <Alert
              type="warning"
              showIcon
              title={t("lengthRowsCannotBeRead", { length: file.read.problems.length })}
              description={
                <ul>
                  {file.read.problems.map(({ line, reason }) => (
                    <li key={line}>{t("lineLineReason", { line, reason })}</li>
                  ))}
                </ul>
              }
            />
            <p className={`${page.line} ${page.above}`}>
              <Button disabled={file.read.good === 0} onClick={() => take(file.text, true)}>
                {t("takeTheGoodGoodRows", { good: file.read.good })}
              </Button>
              <Button onClick={() => setFile(null)}>{t("takeNone")}</Button>
            </p>
          </div>
        ) : null}
      </section>
    </div>
  );
}
