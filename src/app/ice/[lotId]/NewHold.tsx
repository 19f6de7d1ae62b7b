"use client";
import { Button, Segmented, Switch } from "antd";
import { TextInput } from "@/ui/form/TextInput";
import { DatePicker } from "@/ui/form/DatePicker";
import dayjs, { type Dayjs } from "dayjs";
import Link from "next/link";
import { useState } from "react";
import type { ThawWay } from "@/core/coldchain";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import page from "@/ui/layout/page.module.css";
import styles from "../Ice.module.css";
import { beginHold } from "./actions";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";

/** The kinds of hold a hand can begin. */
export type BegunKind = "parasite" | "cure" | "thaw" | "tag";

const SHORT: Readonly<Record<BegunKind, string>> = {
  parasite: "Freeze",
  cure: "Cure",
  thaw: "Thaw",
  tag: t("keepTheTag"),
};

type NewProps = { readonly lotId: string; readonly kinds: readonly BegunKind[]; readonly onDone: () => void };

/** Begins a hold of one kind. */
export function NewHold({ lotId, kinds, onDone }: NewProps) {
  const { format } = useHouse();
  const { act } = useAct();
  const [kind, setKind] = useState<BegunKind>(kinds[0] ?? "cure");
  const [hours, setHours] = useState<number | null>(null);
  const [note, setNote] = useState("");
  const [vacuum, setVacuum] = useState(false);
  const [way, setWay] = useState<ThawWay>("refrigerator");
  const [reached, setReached] = useState<Dayjs | null>(null);
  const [reachedTo, setReachedTo] = useState<number | null>(null);
  const [day, setDay] = useState<Dayjs | null>(null);
  const wanted = () => {
    switch (kind) {
      case "parasite": {
        const stated =
          reached && reachedTo !== null
            ? { atMs: reached.valueOf(), celsius: format.fromTemperature(reachedTo) }
            : null;
        return { kind, lotId, stated };
      }
      case "cure":
        return { kind, lotId, plannedH: hours, note };
      case "thaw":
        return { kind, lotId, plannedH: hours, vacuumPack: vacuum, way };
      case "tag":
        return { kind, lotId, lastServedOn: day?.format("YYYY-MM-DD") };
    }
  };
  const begin = async () => {
    if (await act(beginHold, wanted(), () => t("theHoldRuns"))) onDone();
  };
  return (
    <div className={styles.newHold}>
      <Segmented<BegunKind>
        value={kind}
        onChange={setKind}
        options={kinds.map((value) => ({ value, label: SHORT[value] }))}
        className={page.below}
      />
      {kind === "parasite" ? (
        <>
          <Source>
            {t.rich("timeCountsOnlyWhileTheCentre", {
              link: (words) => <Link href={`/raw/freeze?lot=${lotId}`}>{words}</Link>,
            })}
          </Source>
          <div className={styles.holdWork}>
            <Field label={t("centreReachedDegree", { degree: format.degree })}>
              {(id) => <NumberInput id={id} value={reachedTo} step={1} onChange={setReachedTo} />}
            </Field>
            <Field label={t("when")}>
              {(id) => (
                <DatePicker
                  id={id}
                  showTime={{ format: "HH:mm" }}
                  format="ddd D MMM HH:mm"
                  value={reached}
                  onChange={setReached}
                  disabledDate={(when) => when.isAfter(dayjs(), "day")}
                />
              )}
            </Field>
          </div>
        </>
      ) : null}
      {kind === "cure" || kind === "thaw" ? (
        <Field label={t("hours")}>
          {(id) => <NumberInput id={id} min={0} step={1} value={hours} onChange={setHours} />}
        </Field>
      ) : null}
      {kind === "cure" ? (
        <Field label={t("recipe")}>
          {(id) => (
            <TextInput
              id={id}
              maxLength={200}
              value={note}
              placeholder={t("figure40GSalt20GSugar")}
              onChange={({ target }) => setNote(target.value)}
            />
          )}
        </Field>
      ) : null}
      {kind === "thaw" ? (
        <>
          <Segmented<ThawWay>
            aria-label={t("howItThaws")}
            value={way}
            onChange={setWay}
            options={[
              { value: "refrigerator", label: t("refrigerator") },
              { value: "running-water", label: t("coldRunningWater") },
            ]}
            className={page.below}
          />
          <Field label={t("inAVacuumPack")}>
            {(id) => (
              <div>
                <Switch id={id} checked={vacuum} onChange={setVacuum} />
              </div>
            )}
          </Field>
          <PracticeLine id="thawing" />
        </>
      ) : null}
      {kind === "cure" ? <PracticeLine id="curing" /> : null}
      {kind === "tag" ? (
        <Field label={t("theLastOfItWasServed")}>
          {(id) => <DatePicker id={id} format="ddd D MMM YYYY" value={day} onChange={setDay} />}
        </Field>
      ) : null}
      <Button type="primary" onClick={begin}>
        {t("begin")}
      </Button>
    </div>
  );
}
