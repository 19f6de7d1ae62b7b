"use client";
import { Button, Typography } from "antd";
import { useState } from "react";
import { Field } from "./Field";
import { TextInput } from "./TextInput";
import page from "../layout/page.module.css";
import type { Action } from "../hooks/askOnce";
import { useAct } from "../hooks/useAct";
import { t } from "@/words/ui";
import { Empty } from "@/ui/layout/Empty";

type Props = {
  readonly devices: readonly { readonly id: string; readonly name: string }[];
  /** What one of them is called. */
  readonly word: string;
  readonly placeholder: string;
  /** Where it posts to, by its id. */
  readonly postsTo: (id: string) => string;
  readonly none: string;
  /** The command that stands in for one. */
  readonly standIn: string;
  readonly make: Action<{ readonly id: string; readonly key: string }>;
};

/** Devices that send to the house; a key is shown once, a new one ends the old. */
export function DeviceKeys({ devices, word, placeholder, postsTo, none, standIn, make }: Props) {
  const { act } = useAct();
  const [name, setName] = useState("");
  const [made, setMade] = useState<{ readonly id: string; readonly key: string } | null>(null);
  const add = async (of: string) => {
    const done = await act(make, { name: of });
    if (!done) return;
    setMade(done.value);
    setName("");
  };
  return (
    <>
      {devices.length === 0 ? <Empty>{none}</Empty> : null}
      <ul className={page.rows}>
        {devices.map((device) => (
          <li key={device.id}>
            <div className={page.row}>
              <span className={`${page.grow} ${page.title}`}>{device.name}</span>
              <Button onClick={() => add(device.name)}>{t("newKeyEndingTheOld")}</Button>
            </div>
          </li>
        ))}
      </ul>
      {made ? (
        <p>
          {t.rich("postsToIdWith", { id: postsTo(made.id), code: (words) => <code>{words}</code> })}{" "}
          <Typography.Text copyable code data-testid={`${word}-key`}>
            {made.key}
          </Typography.Text>
        </p>
      ) : null}
      <div className={`${page.line} ${page.above}`}>
        <Field label={t("anotherWord", { word })}>
          {(id) => (
            <TextInput
              id={id}
              value={name}
              maxLength={40}
              placeholder={placeholder}
              onChange={({ target }) => setName(target.value)}
            />
          )}
        </Field>
        <Button disabled={name.trim() === ""} onClick={() => add(name)}>
          {t("addIt")}
        </Button>
      </div>
      <p className={`${page.source} ${page.above}`}>
        {t.rich("noWordAtHandStandInSends", { word, standIn, code: (words) => <code>{words}</code> })}
      </p>
    </>
  );
}
