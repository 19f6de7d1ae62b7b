import type { Metadata } from "next";
import { todayIn, wallClockMs } from "@/calendar/days";
import { shelfOf } from "@/db/butter/goods";
import { preparationsNow } from "@/db/butter/preparations";
import { saucesNow } from "@/db/butter/sauces";
import { sauceSpecs } from "@/db/butter/specs";
import { passCards } from "@/db/cards/pass";
import { db } from "@/db/connection";
import { prepList } from "@/house/prepList";
import { minuteText } from "@/house/stockBoard";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { requestTime, requireHouse } from "../../request";
import styles from "../Cards.module.css";
import { CARD_VIEWS } from "../subViews";
import { PrepLine } from "./PrepLine";

export const metadata: Metadata = { title: t("prep") };

/** Service is taken to begin at six in the evening. */
const SERVICE_MIN = 18 * 60;

export default async function PrepPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const day = todayIn(house.timeZone, nowMs);
  const cards = passCards(db(), day, wallClockMs(day, 0, 0, house.timeZone), nowMs)
    .filter(({ off }) => off === null)
    .map(({ spec, booked, served }) => ({ spec, covers: Math.max(0, booked - served) }));
  const bases = new Map<string, number>();
  for (const { specId, mount, lot } of saucesNow(db()))
    if (mount === null && (lot.useByMs ?? Infinity) > nowMs)
      bases.set(specId, (bases.get(specId) ?? 0) + lot.remainingG);
  const shelf = preparationsNow(db());
  const rows = prepList(
    {
      cards,
      sauces: new Map(sauceSpecs(db()).map(({ specId, spec }) => [specId, spec])),
      baseHaveG: bases,
      shelfHaveG: new Map(
        shelf.map(({ preparation, lots }) => [
          preparation.id,
          lots.reduce(
            (sum, { remainingG, useByMs }) => sum + (useByMs === null || useByMs > nowMs ? remainingG : 0),
            0,
          ),
        ]),
      ),
      low: shelf.filter(({ low }) => low).map(({ preparation }) => preparation.id),
      serviceMin: SERVICE_MIN,
    },
    shelfOf(db()),
  ).filter(({ needG }) => needG > 0);
  const open = rows.filter(({ done }) => !done);
  const [first] = open;
  return (
    <>
      <PageHead
        title={first ? t("beginWith", { name: first.name, time: minuteText(first.beginMin) }) : t("allIsMade")}
        asks={t("whatTheCoversOfTodayWant", { time: minuteText(SERVICE_MIN) })}
      >
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards/prep" />
      </div>
      <section className={page.card}>
        {rows.length === 0 ? <Empty>{t("bookACardAndItsPrepStandsHere")}</Empty> : null}
        <ul className={page.rows} data-testid="prep">
          {rows.map((row) => (
            <PrepLine key={row.kind === "base" ? row.specId : row.preparationId} row={row} />
          ))}
        </ul>
      </section>
    </>
  );
}
