"use client";
import { Button, Input, Typography } from "antd";
import { useState } from "react";
import { Field } from "@/ui/Field";
import page from "@/ui/page.module.css";
import { useTell } from "@/ui/useTell";
import { addScale } from "./actions";

/** Scales that send to the house; a key is shown once, a new one ends the old. */
export function ScaleKeys({ scales }: { readonly scales: readonly { readonly id: string; readonly name: string }[] }) {
  const tell = useTell();
  const [name, setName] = useState("");
  const [made, setMade] = useState<{ readonly id: string; readonly key: string } | null>(null);
  const make = async (of: string) => {
    const done = await tell(addScale({ name: of }));
    if (done) {
      setMade(done.value);
      setName("");
    }
  };
  return (
    <>
      {scales.length === 0 ? <p className={page.empty}>No scale yet: weights are typed.</p> : null}
      <ul className={page.rows}>
        {scales.map((scale) => (
          <li key={scale.id}>
            <div className={page.row}>
              <span className={`${page.grow} ${page.title}`}>{scale.name}</span>
              <Button onClick={() => make(scale.name)}>New key, ending the old</Button>
            </div>
          </li>
        ))}
      </ul>
      {made ? (
        <p>
          Posts to <code>/api/scales/{made.id}</code> with{" "}
          <Typography.Text copyable code data-testid="scale-key">
            {made.key}
          </Typography.Text>
        </p>
      ) : null}
      <div style={{ display: "flex", gap: 12, alignItems: "end", maxWidth: 420, marginTop: 8 }}>
        <Field label="Another scale">
          {(id) => (
            <Input
              id={id}
              value={name}
              maxLength={60}
              placeholder="Block scale"
              onChange={({ target }) => setName(target.value)}
            />
          )}
        </Field>
        <Button disabled={name.trim() === ""} onClick={() => make(name)}>
          Add it
        </Button>
      </div>
      <p className={page.source} style={{ marginTop: 8 }}>
        No scale at hand: <code>npm run scale</code> sends what one would.
      </p>
    </>
  );
}
