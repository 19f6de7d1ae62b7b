import type { Metadata } from "next";
import { shiftDay, todayIn, wallClockMs } from "@/calendar/days";
import { changedSince } from "@/db/cards/changes";
import { db } from "@/db/connection";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { dayText, formatFor } from "@/words/format/format";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { requestTime, requireHouse } from "../../request";
import { AllergenTags } from "../AllergenTags";
import styles from "../Cards.module.css";
import { passNow } from "../cardData";
import { CARD_VIEWS } from "../subViews";

export const metadata: Metadata = { title: t("briefing") };

export default async function BriefingPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { tiles } = passNow(db(), house, nowMs);
  const today = todayIn(house.timeZone, nowMs);
  const changed = changedSince(db(), wallClockMs(shiftDay(today, -1), 0, 0, house.timeZone));
  const on = tiles.filter(({ off }) => off === null);
  const off = tiles.filter((tile) => tile.off !== null);
  return (
    <>
      <PageHead title={t("briefingOf", { day: dayText(nowMs, house.timeZone) })} asks={t("onePageForTheFloor")}>
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards/briefing" />
      </div>
      <div className={page.stack}>
        {off.length > 0 || changed.length > 0 ? (
          <section className={page.card} data-testid="changed">
            <h2>{t("changedAndOff")}</h2>
            <ul>
              {off.map(({ cardId, name, off: struck }) => (
                <li key={cardId}>{t("offLine", { name, who: struck!.who, reason: struck!.reason })}</li>
              ))}
              {changed.map(({ cardId, name }) => (
                <li key={cardId}>{t("changedLine", { name })}</li>
              ))}
            </ul>
          </section>
        ) : null}
        <section className={page.card} data-testid="briefing">
          <h2>{t("tonight")}</h2>
          {on.length === 0 ? <Empty>{t("aCardJoinsWhatIsThere")}</Empty> : null}
          <ul className={page.rows}>
            {on.map(({ cardId, name, special, toCome, left, from, allergens, dish }) => (
              <li key={cardId}>
                <div className={page.row}>
                  <span className={page.grow}>
                    <b>{name}</b> {special ? <span className={page.sub}>{t("special")}</span> : null}
                    <br />
                    <span className={page.sub}>
                      {from ? t("boatAndCode", { source: from.source, code: from.code }) : t("notTonight")}
                    </span>
                    <AllergenTags lines={allergens} />
                    <span className={page.sub}>
                      {dish.advisories.map((one) => sentence(say(one, format)).replace(/\.$/, "")).join(". ")}.
                    </span>
                  </span>
                  <span className="figure">{t("bookedAndLeft", { booked: toCome, left })}</span>
                </div>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
