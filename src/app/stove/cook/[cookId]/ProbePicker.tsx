"use client";
import { Select } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { moveProbe } from "../../live/actions";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/stove";

export type ProbeChoice = { readonly id: string; readonly name: string; readonly cookId: string | null };
type Props = { readonly cookId: string; readonly probes: readonly ProbeChoice[] };

/** Which probe is in this cook; what it sends then comes here. */
export function ProbePicker({ cookId, probes }: Props) {
  const { act } = useAct();
  if (probes.length === 0) return null;
  const here = probes.find((probe) => probe.cookId === cookId)?.id ?? "";
  return (
    <label className={`${page.labelled} ${page.aboveMore}`}>
      {t("probeInIt")}
      <Select<string>
        value={here}
        onChange={(id) => void act(moveProbe, id === "" ? { probeId: here, cookId: null } : { probeId: id, cookId })}
        options={[{ value: "", label: t("none") }, ...probes.map(({ id, name }) => ({ value: id, label: name }))]}
      />
    </label>
  );
}
