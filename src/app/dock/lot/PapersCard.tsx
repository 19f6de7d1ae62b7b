"use client";
import { Segmented } from "antd";
import { TextInput } from "@/ui/form/TextInput";
import { DatePicker } from "@/ui/form/DatePicker";
import dayjs from "dayjs";
import type { ReactNode } from "react";
import type { Completeness, MissingFact, Provenance } from "@/core/trace";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Dock.module.css";
import type { LotDraft } from "../van/lotDraft";
import { TagFields } from "./TagFields";
import { t } from "@/words/dock";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly draft: LotDraft;
  readonly papers: Completeness;
  readonly onChange: (part: Partial<LotDraft>) => void;
};

/** Facts with a field of their own above; here they are only named while they are missing. */
const ASKED_ABOVE = new Set(["area", "gear", "source", "date", "lotCode"]);

/** What the rule set wants known at the door: asked for only where it is wanted, with why. */
export function PapersCard({ draft, papers, onChange }: Props) {
  const { provenance } = draft;
  const set = (part: Partial<Provenance>) => {
    const next = Object.fromEntries(
      Object.entries<unknown>({ ...provenance, ...part }).filter(([, value]) => value !== undefined && value !== ""),
    );
    onChange({ provenance: next as Provenance });
  };
  const above = papers.missing.filter(({ id }) => ASKED_ABOVE.has(id));
  const asked = papers.all.filter(({ id }) => !ASKED_ABOVE.has(id));
  return (
    <section className={page.card} aria-labelledby="papers">
      <div className={styles.lookHead}>
        <h2 id="papers">{t("itsPapers")}</h2>
        <span className="figure" data-testid="papers">
          {t("knownOfWanted", { known: papers.known, wanted: papers.wanted })}
        </span>
      </div>
      {above.length > 0 ? (
        <p className="muted">
          {t("stillMissingAboveAbove", {
            above: above.map(({ label, why }) => `${label.toLowerCase()} (${why})`).join(", "),
          })}
        </p>
      ) : null}
      <div className={styles.papers}>
        {asked.map((fact) => (
          <div
            key={fact.id}
            className={styles.paper}
            data-known={!papers.missing.some(({ id }) => id === fact.id) || undefined}
          >
            <PaperField fact={fact} provenance={provenance} onSet={set} />
            <Source>
              {fact.weight === "required" ? t("askedFor") : t("wise")}: {fact.why}. <i>{fact.source}.</i>
            </Source>
          </div>
        ))}
      </div>
    </section>
  );
}

type FlagKey =
  "byCatch" | "defrosted" | "feedStatement" | "freezingStatement" | "clearedGround" | "roeOn" | "dealerListed";

const REARING = [
  { value: "net-pen", label: t("netPen") },
  { value: "land-based", label: t("onLand") },
  { value: "ranched", label: t("ranched") },
] as const;
const SKEIN = [
  { value: "removed-and-rinsed", label: t("outAndRinsed") },
  { value: "in", label: t("inTheSkein") },
] as const;
const CLASSES = [
  { value: "A", label: "A" },
  { value: "B", label: "B" },
  { value: "C", label: "C" },
] as const;

type PaperProps = {
  readonly fact: MissingFact;
  readonly provenance: Provenance;
  readonly onSet: (part: Partial<Provenance>) => void;
};

function PaperField({ fact, provenance, onSet }: PaperProps): ReactNode {
  const { format } = useHouse();
  const choice = <Key extends "rearing" | "skein" | "waterClass">(
    key: Key,
    options: readonly { readonly value: NonNullable<Provenance[Key]>; readonly label: string }[],
    label = fact.label,
  ) => (
    <Field label={label}>
      {(id) => (
        <Segmented<string>
          id={id}
          block
          value={provenance[key] ?? ""}
          options={[...options]}
          onChange={(value) => onSet({ [key]: value })}
        />
      )}
    </Field>
  );
  const text = (key: "subArea" | "landingPlace" | "supplierLot" | "catchDocument") => (
    <Field label={fact.label}>
      {(id) => (
        <TextInput
          id={id}
          maxLength={120}
          value={provenance[key] ?? ""}
          onChange={({ target }) => onSet({ [key]: target.value })}
        />
      )}
    </Field>
  );
  const yesNo = (key: FlagKey, words: readonly [string, string]) => (
    <Field label={fact.label}>
      {(id) => (
        <Segmented<string>
          id={id}
          block
          value={provenance[key] === undefined ? "" : provenance[key] ? "yes" : "no"}
          options={[
            { value: "no", label: words[0] },
            { value: "yes", label: words[1] },
          ]}
          onChange={(value) => onSet({ [key]: value === "yes" })}
        />
      )}
    </Field>
  );
  switch (fact.id) {
    case "subArea":
    case "landingPlace":
    case "supplierLot":
      return text(fact.id);
    case "byCatch":
      return yesNo("byCatch", [t("target"), t("byCatch")]);
    case "defrosted":
      return yesNo("defrosted", [t("neverFrozen"), t("defrosted")]);
    case "feedStatement":
      return yesNo("feedStatement", [t("none"), t("onFile")]);
    case "freezingStatement":
      return yesNo("freezingStatement", [t("none"), t("onFile")]);
    case "clearedGround":
      return yesNo("clearedGround", [t("no"), t("yesWithPaper")]);
    case "rearing":
      return choice("rearing", REARING);
    case "skein":
      return choice("skein", SKEIN);
    case "waters":
      return (
        <div className={styles.tag}>
          {yesNo("dealerListed", [t("notLookedUp"), t("listedOrApproved")])}
          {choice("waterClass", CLASSES, t("classOfTheWaters"))}
        </div>
      );
    case "catchDocument":
      return text(fact.id);
    case "roeOn":
      return yesNo("roeOn", [t("muscleAlone"), t("roeOn")]);
    case "additives":
      return (
        <Field label={fact.label}>
          {(id) => (
            <Segmented<string>
              id={id}
              block
              value={provenance.additives === undefined ? "" : provenance.additives.length === 0 ? "none" : "sulphites"}
              options={[
                { value: "none", label: t("none") },
                { value: "sulphites", label: t("sulphites") },
              ]}
              onChange={(value) => onSet({ additives: value === "none" ? [] : ["sulphites"] })}
            />
          )}
        </Field>
      );
    case "wholeKg":
      return (
        <Field label={t("theWholeFishWeighedBigMassUnit", { bigMassUnit: format.bigMassUnit })}>
          {(id) => (
            <NumberInput
              id={id}
              min={0}
              step={0.5}
              value={provenance.wholeKg === undefined ? null : format.toBigMass(provenance.wholeKg * 1000)}
              onChange={(shown) =>
                onSet({ wholeKg: shown ? format.fromBigMass(shown) / 1000 : undefined } as Partial<Provenance>)
              }
            />
          )}
        </Field>
      );
    case "useBy":
      return (
        <Field label={fact.label}>
          {(id) => (
            <DatePicker
              id={id}
              className={page.full ?? ""}
              format="ddd D MMM YYYY"
              value={provenance.useBy ? dayjs(provenance.useBy) : null}
              onChange={(day) => onSet({ useBy: day ? day.format("YYYY-MM-DD") : undefined } as Partial<Provenance>)}
            />
          )}
        </Field>
      );
    case "tag":
      return <TagFields provenance={provenance} onSet={onSet} />;
    default:
      return <span>{fact.label}</span>;
  }
}
