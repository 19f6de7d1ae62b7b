"use client";
import { TextInput } from "@/ui/form/TextInput";
import { DatePicker } from "@/ui/form/DatePicker";
import dayjs from "dayjs";
import type { Provenance } from "@/core/trace";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import styles from "../Dock.module.css";
import { t } from "@/words/dock";

type Props = { readonly provenance: Provenance; readonly onSet: (part: Partial<Provenance>) => void };

/** The tag of shellfish as printed: who shipped it, by which number, when it was harvested. */
export function TagFields({ provenance, onSet }: Props) {
  const tag = provenance.tag ?? { certificate: "", harvestedOn: "", dealer: "" };
  const change = (part: Partial<typeof tag>) => {
    const next = { ...tag, ...part };
    onSet({ tag: next.certificate === "" && next.dealer === "" ? undefined : next } as Partial<Provenance>);
  };
  return (
    <div className={styles.tag}>
      <Field label={t("certificateOrApprovalNumber")}>
        {(id) => (
          <TextInput
            id={id}
            maxLength={60}
            value={tag.certificate}
            onChange={({ target }) => change({ certificate: target.value })}
          />
        )}
      </Field>
      <Field label={t("dealerOrDispatchCentre")}>
        {(id) => (
          <TextInput
            id={id}
            maxLength={120}
            value={tag.dealer}
            onChange={({ target }) => change({ dealer: target.value })}
          />
        )}
      </Field>
      <Field label={t("harvestedOrPackedOn")}>
        {(id) => (
          <DatePicker
            id={id}
            className={page.full ?? ""}
            format="ddd D MMM YYYY"
            value={tag.harvestedOn ? dayjs(tag.harvestedOn) : null}
            onChange={(day) => change({ harvestedOn: day ? day.format("YYYY-MM-DD") : "" })}
          />
        )}
      </Field>
    </div>
  );
}
