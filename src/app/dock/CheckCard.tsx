"use client";
import { Button, InputNumber } from "antd";
import { GradeRow } from "@/ui/form/GradeRow";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import styles from "./Dock.module.css";
import type { LotDraft, ReadDraft } from "./lotDraft";

type Props = {
  readonly draft: LotDraft;
  readonly read: ReadDraft | null;
  readonly onChange: (part: Partial<LotDraft>) => void;
};

const HOW = {
  frozen: "Knock it, look through the pack, thaw one piece small and smell it.",
  live: "Tap, lift, smell. Count what does not answer: a dead one is never cooked.",
  fresh:
    "White light, rinsed, on ice; gill smell before you touch anything. Three fish a lot or more: tap the worst. Skip what does not apply.",
} as const;

/** The guided look at the lot: the signs of its kind, one tap each, and the count of the dead where it is alive. */
export function CheckCard({ draft, read, onChange }: Props) {
  const scheme = read?.scheme;
  const grades = draft.grades;
  const live = draft.form === "live";
  const deaths = draft.provenance.deaths;
  const count = (part: Partial<{ dead: number | null; counted: number | null }>) => {
    const dead = part.dead === undefined ? (deaths?.dead ?? 0) : (part.dead ?? 0);
    const counted = part.counted === undefined ? (deaths?.counted ?? 0) : (part.counted ?? 0);
    const { deaths: _before, ...provenance } = draft.provenance;
    onChange({
      provenance: counted > 0 ? { ...provenance, deaths: { dead: Math.min(dead, counted), counted } } : provenance,
    });
  };
  const rest = () => {
    if (scheme) onChange({ grades: Object.fromEntries(scheme.attributes.map(({ id }) => [id, grades[id] ?? 0])) });
  };
  return (
    <section className={page.card} aria-labelledby="look">
      <div className={styles.lookHead}>
        <h2 id="look">{scheme ? `Look, smell, press: ${scheme.label.toLowerCase()}` : "Look, smell, press"}</h2>
        {scheme ? (
          <Button onClick={rest}>
            {draft.frozen ? "The rest as packed" : live ? "The rest lively" : "The rest as caught"}
          </Button>
        ) : null}
      </div>
      {scheme ? (
        <>
          <p className="muted">{HOW[draft.frozen ? "frozen" : live ? "live" : "fresh"]}</p>
          {live ? (
            <div className={styles.count}>
              <Field label="Looked at">
                {(id) => (
                  <InputNumber
                    id={id}
                    min={0}
                    max={100000}
                    precision={0}
                    className={page.number ?? ""}
                    value={deaths?.counted ?? null}
                    onChange={(counted) => count({ counted })}
                  />
                )}
              </Field>
              <Field label="Dead or gaping">
                {(id) => (
                  <InputNumber
                    id={id}
                    min={0}
                    max={deaths?.counted ?? 0}
                    precision={0}
                    disabled={!deaths}
                    value={deaths?.dead ?? null}
                    onChange={(dead) => count({ dead })}
                  />
                )}
              </Field>
            </div>
          ) : null}
          {scheme.attributes.map((attribute) => (
            <GradeRow
              key={`${draft.key}-${attribute.id}`}
              attribute={attribute}
              grade={grades[attribute.id]}
              onGrade={(value) => onChange({ grades: { ...grades, [attribute.id]: value } })}
            />
          ))}
        </>
      ) : (
        <p className={page.empty}>Name the fish first: each kind has its own signs.</p>
      )}
    </section>
  );
}
