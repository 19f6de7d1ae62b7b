"use client";
import { AutoComplete, Segmented } from "antd";
import dayjs from "dayjs";
import type { Rearing } from "@/core/safety";
import { TextInput } from "@/ui/form/TextInput";
import { DatePicker } from "@/ui/form/DatePicker";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/dock";
import type { LotDraft } from "../van/lotDraft";

const GEARS = {
  wild: [
    t("hookAndLine"),
    t("longline"),
    t("gillnet"),
    t("trawl"),
    t("seine"),
    t("trapOrPot"),
    t("dredge"),
    t("byHand"),
  ],
  farmed: [t("netPen"), t("landTank"), t("rope"), t("trestle"), t("seabedPlot")],
} as const;

/** What a way of rearing chosen from the list says to the parasite rule. */
const REARING_OF: Readonly<Record<string, Rearing>> = { [t("netPen")]: "net-pen", [t("landTank")]: "land-based" };

type Props = {
  readonly draft: LotDraft;
  readonly serverNowMs: number;
  readonly onChange: (part: Partial<LotDraft>) => void;
};

/** Where it swam, how it was caught or reared, by whom and when. */
export function OriginFields({ draft, serverNowMs, onChange }: Props) {
  return (
    <>
      <Field label={t("wildOrFarmed")}>
        {(id) => (
          <Segmented<"wild" | "farmed">
            id={id}
            block
            value={draft.production}
            options={[
              { value: "wild", label: t("wild") },
              { value: "farmed", label: t("farmed") },
            ]}
            onChange={(production) => onChange({ production })}
          />
        )}
      </Field>
      <Field label={t("area")} answers="area">
        {(id) => (
          <TextInput
            id={id}
            value={draft.area}
            maxLength={120}
            placeholder={t("fao273AOrThe")}
            onChange={({ target }) => onChange({ area: target.value })}
          />
        )}
      </Field>
      <Field label={t("gearOrRearing")} answers="gear">
        {(id) => (
          <AutoComplete
            id={id}
            value={draft.gear}
            className={page.full ?? ""}
            options={GEARS[draft.production].map((value) => ({ value }))}
            onChange={(gear: string) => {
              const rearing = draft.production === "farmed" ? REARING_OF[gear] : undefined;
              onChange({ gear, ...(rearing ? { provenance: { ...draft.provenance, rearing } } : {}) });
            }}
          />
        )}
      </Field>
      <Field label={t("boatOrFarm")} answers="source">
        {(id) => (
          <TextInput
            id={id}
            value={draft.source}
            maxLength={120}
            onChange={({ target }) => onChange({ source: target.value })}
          />
        )}
      </Field>
      <Field label={t("caughtOrHarvested")}>
        {(id) => (
          <DatePicker
            id={id}
            className={page.full ?? ""}
            format="ddd D MMM YYYY"
            value={draft.caughtOn ? dayjs(draft.caughtOn) : null}
            disabledDate={(day) => day.isAfter(dayjs(serverNowMs), "day")}
            onChange={(day) => onChange({ caughtOn: day ? day.format("YYYY-MM-DD") : null })}
          />
        )}
      </Field>
    </>
  );
}
