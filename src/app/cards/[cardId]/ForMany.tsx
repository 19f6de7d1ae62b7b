"use client";
import type { Route } from "next";
import Link from "next/link";
import { useState } from "react";
import type { SauceSpec } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import type { SheetRequest } from "@/core/cooking";
import { forMany, PAN_FOR_MANY, type Station } from "@/house/cards/forMany";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { Slider } from "@/ui/form/Slider";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { durationText } from "@/words/format/format";
import { useSheet } from "@/workers/client/useSheet";

type Props = {
  readonly card: CardSpec;
  readonly sauce: SauceSpec | null;
  readonly left: number;
  readonly station: Station;
  /** What the stove is asked for one piece; null: it is served raw. */
  readonly question: SheetRequest | null;
};

/** Minutes of a vessel with so many pieces in it: the stove works them out anew. */
function LoadMinutes({ question, pieces }: { readonly question: SheetRequest; readonly pieces: number }) {
  const { sheet } = useSheet({ ...question, panId: PAN_FOR_MANY, pieces });
  const seconds = sheet?.plan.serveS;
  return (
    <li data-testid="load-minutes">
      {seconds === undefined ? t("workingOutTheMinutes") : t("minutesWith", { pieces, time: durationText(seconds) })}
    </li>
  );
}

/** From one to two hundred covers in one gesture, with what changes in kind. */
export function ForMany({ card, sauce, left, station, question }: Props) {
  const { format } = useHouse();
  const [covers, setCovers] = useState(4);
  const { loads, panMm, batches, base, garnishG, plateMin } = forMany(card, sauce, covers, station);
  const [first] = loads;
  const short = Math.max(0, covers - left);
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
        {short > 0 ? (
          <li data-testid="to-order">
            {t("shortForMany", { short })}{" "}
            <Link
              href={
                `/block/order?species=${card.piece.speciesIds[0]}&covers=${short}&portion=${Math.round(card.piece.massG)}` as Route
              }
            >
              {t("orderWhatIsMissing")}
            </Link>
          </li>
        ) : null}
        {loads.map(({ kind, spot, count, eachHolds, rounds }) => (
          <li key={`${kind}:${spot}`} data-testid={`load-${kind}`}>
            {t("loadFor", { kind, spot, count, each: eachHolds, pan: format.length(panMm, 0), rounds })}
          </li>
        ))}
        {first && question ? <LoadMinutes question={question} pieces={Math.min(covers, first.eachHolds)} /> : null}
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
