"use client";
import { Select } from "antd";
import { useState } from "react";
import {
  airDryMin,
  CHILL_OFF_C,
  DRYING_AIR,
  LONGEST_TEMPER_MIN,
  temperTime,
  USUAL_ROOM_C,
  type DryingAir,
  type PreparedPiece,
} from "@/core/block";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { hoursText } from "@/words/format/format";
import { t } from "@/words/block";

/** How long the chill takes to go off a portion, and its skin to dry. */
export function HowLong({ before }: { readonly before: PreparedPiece }) {
  const { format } = useHouse();
  const [air, setAir] = useState<DryingAir>("fan");
  const toTemper = temperTime(before, USUAL_ROOM_C, CHILL_OFF_C);
  return (
    <section className={page.card}>
      <h2>{t("howLong")}</h2>
      <p>
        {t.rich("toTakeTheChillOffTo", {
          temperature: format.temperature(CHILL_OFF_C),
          temperature2: format.temperature(USUAL_ROOM_C),
          toTemper: toTemper === null ? t("tooLong") : hoursText(toTemper / 60),
          b: (words) => <b className="figure">{words}</b>,
          longest: LONGEST_TEMPER_MIN,
        })}
      </p>
      <Field label={t("dryingAir")}>
        {(id) => (
          <Select<DryingAir>
            id={id}
            value={air}
            onChange={setAir}
            options={(Object.keys(DRYING_AIR) as DryingAir[]).map((value) => ({
              value,
              label: DRYING_AIR[value].label,
            }))}
          />
        )}
      </Field>
      <p>
        {t.rich("untilTheSkinIsDryPatted", {
          air: hoursText(airDryMin("patted", air) / 60),
          b: (words) => <b className="figure">{words}</b>,
          air2: hoursText(airDryMin("rinsed", air) / 60),
          b2: (words) => <b className="figure">{words}</b>,
        })}
      </p>
      <Source>{t("aFilmOf30GM")}</Source>
    </section>
  );
}
