"use client";
import { Button } from "antd";
import { GradeRow } from "@/ui/form/GradeRow";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import styles from "../Dock.module.css";
import type { LotDraft, ReadDraft } from "../van/lotDraft";
import { t } from "@/words/dock";
import { Empty } from "@/ui/layout/Empty";

type Props = {
  readonly draft: LotDraft;
  readonly read: ReadDraft | null;
  readonly onChange: (part: Partial<LotDraft>) => void;
};

const HOW = {
  frozen: t("knockItLookThroughThePack"),
  live: t("tapLiftSmellCountWhatDoes"),
  fresh: t("whiteLightRinsedOnIceGill"),
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
    <section className={page.card} aria-labelledby="look" data-answers="signs">
      <div className={styles.lookHead}>
        <h2 id="look">
          {scheme ? t("lookSmellPressLabel", { label: scheme.label.toLowerCase() }) : t("lookSmellPress")}
        </h2>
        {scheme ? (
          <Button onClick={rest}>
            {draft.frozen ? t("theRestAsPacked") : live ? t("theRestLively") : t("theRestAsCaught")}
          </Button>
        ) : null}
      </div>
      {scheme ? (
        <>
          <p className="muted">{HOW[draft.frozen ? "frozen" : live ? "live" : "fresh"]}</p>
          {live ? (
            <div className={styles.count}>
              <Field label={t("lookedAt")}>
                {(id) => (
                  <NumberInput
                    id={id}
                    min={0}
                    max={100000}
                    whole
                    className={page.number ?? ""}
                    value={deaths?.counted ?? null}
                    onChange={(counted) => count({ counted })}
                  />
                )}
              </Field>
              <Field label={t("deadOrGaping")}>
                {(id) => (
                  <NumberInput
                    id={id}
                    min={0}
                    max={deaths?.counted ?? 0}
                    whole
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
        <Empty>{t("nameTheFishFirstEachKind")}</Empty>
      )}
    </section>
  );
}
