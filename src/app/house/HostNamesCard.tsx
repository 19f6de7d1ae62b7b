"use client";
import { Button } from "antd";
import { useState } from "react";
import { Asked } from "@/ui/form/Asked";
import { Field } from "@/ui/form/Field";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/doors";
import { sayHostNames } from "./actions";

/** Names the house answers to, besides addresses and names of the local network. */
export function HostNamesCard({ names }: { readonly names: readonly string[] }) {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const say = (wanted: readonly string[]) => act(sayHostNames, { names: wanted }, () => t("itIsNoted"));
  const add = async () => {
    if (await say([...names, name])) setName("");
  };
  return (
    <section className={page.card} aria-label={t("itsNames")}>
      <h2>{t("itsNames")}</h2>
      {names.length === 0 ? (
        <Empty>{t("noNames")}</Empty>
      ) : (
        <ul className={page.rows}>
          {names.map((one) => (
            <li key={one} className={page.row}>
              <span className={`${page.grow} figure`}>{one}</span>
              <Button loading={busy} onClick={() => void say(names.filter((other) => other !== one))}>
                {t("takeItOut")}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Asked>
        <Field label={t("aName")}>
          {(id) => (
            <TextInput
              id={id}
              value={name}
              maxLength={120}
              placeholder={t("nameExample")}
              onChange={({ target }) => setName(target.value)}
              onPressEnter={() => void add()}
            />
          )}
        </Field>
        <Button disabled={name.trim() === ""} loading={busy} onClick={() => void add()}>
          {t("addIt")}
        </Button>
      </Asked>
      <Source>{t("whyNames")}</Source>
    </section>
  );
}
