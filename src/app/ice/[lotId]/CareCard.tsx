import { isReadyToEat, liveStorageOf } from "@/core/freshness";
import { allergensOf, namedAllergens } from "@/core/trace";
import type { House } from "@/db/house/house";
import type { StockLot } from "@/db/lots/stock";
import type { parasitesOf } from "@/db/raw/rawLots";
import { formatFor } from "@/words/format/format";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly lot: StockLot;
  readonly parasites: ReturnType<typeof parasitesOf>;
  readonly house: House;
};

/** How to keep it, what it asks before it is eaten raw, and what to tell a guest. */
export function CareCard({ lot, parasites, house }: Props) {
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { row, species, life } = lot;
  const onIce = row.status === "on-ice";
  const store = liveStorageOf(species);
  const allergens = namedAllergens(house.ruleSetId, species, allergensOf(species, row.provenance));
  return (
    <section className={page.card}>
      <h2>{t("care")}</h2>
      {isReadyToEat(row.form) ? null : (
        <p data-testid="raw-need">
          {parasites.check.state === "met"
            ? t("parasiteRuleTextKeepRecordOther", {
                text: say(parasites.check.text, format),
                record: say(parasites.record, format),
              })
            : t("rawCuredOrUnderCookedOnly", { text: say(parasites.check.text, format) })}{" "}
          <Source inline>{parasites.check.source}</Source>
        </p>
      )}
      {row.state === "live" ? (
        <p>
          {t("keepAtMinToMaxHow2", {
            min: format.temperature(store.minC),
            max: format.temperature(store.maxC),
            how: store.how,
          })}{" "}
          {onIce && (life.placeC < store.minC - 0.5 || life.placeC > store.maxC + 0.5) ? (
            <b className={page.stop}>{t("itsPlaceIsAtPlaceMove", { place: format.temperature(life.placeC, 1) })}</b>
          ) : null}{" "}
          <Source inline>{store.source}</Source>
        </p>
      ) : null}
      {species.histamineFormer === "no" ? null : <p>{t("histamineFormerColdFromBoatTo")}</p>}
      {row.state === "live" && species.group === "bivalve" ? <PracticeLine id="purging" /> : null}
      {isReadyToEat(row.form) || row.state === "live" ? null : <PracticeLine id="reduced-oxygen" />}
      {allergens.words.length > 0 ? (
        <p>
          {t.rich("allergensToNameWordsNoticeSource", {
            words: allergens.words.join(", "),
            notice: allergens.notice,
            source: allergens.source,
            span: (words) => <Source inline>{words}</Source>,
          })}
        </p>
      ) : null}
    </section>
  );
}
