"use client";
import { Slider } from "antd";
import { useState } from "react";
import type { SauceSpec } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { forMany } from "@/house/forMany";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { durationText } from "@/words/format/format";

type Props = { readonly card: CardSpec; readonly sauce: SauceSpec | null; readonly left: number };

/** From one to two hundred covers in one gesture, with what changes in kind. */
export function ForMany({ card, sauce, left }: Props) {
  const { format } = useHouse();
  const [covers, setCovers] = useState(4);
  const { pans, batches, base, garnishG, plateMin } = forMany(card, sauce, covers);
  return (
    <section className={page.card} data-testid="many">
      <h2>{t("forHowMany")}</h2>
      <Field label={t("coversOf", { covers })}>
        {(id) => (
          <Slider id={id} min={1} max={200} value={covers} onChange={setCovers} ariaLabelForHandle={t("covers")} />
        )}
      </Field>
      <ul>
        <li>{t("fishFor", { mass: format.mass(covers * card.piece.massG), left })}</li>
        {pans === null ? null : (
          <li data-testid="pans">
            {t("pansFor", {
              pans: pans.count,
              each: pans.eachHolds,
              pan: format.length(pans.panMm, 0),
              rounds: pans.rounds,
            })}
          </li>
        )}
        {sauce ? <li>{t("sauceFor", { batches, name: sauce.name })}</li> : null}
        {base === null ? null : (
          <li>{t("baseFor", { time: durationText(base.seconds), pan: format.length(base.panMm, 0) })}</li>
        )}
        {garnishG > 0 ? <li>{t("garnishFor", { mass: format.mass(garnishG) })}</li> : null}
        <li>{t("platingFor", { minutes: Math.ceil(plateMin) })}</li>
      </ul>
    </section>
  );
}
