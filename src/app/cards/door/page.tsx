import type { Metadata, Route } from "next";
import Link from "next/link";
import { z } from "zod";
import { dayBounds, shiftDay, startOfDayMs, todayIn } from "@/calendar/days";
import { allergenLines } from "@/core/cards";
import { ALLERGEN_LISTS } from "@/core/safety";
import { doorBetween } from "@/db/cards/doorOn";
import { db } from "@/db/connection";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { Source } from "@/ui/layout/Source";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { dayText, timeText } from "@/words/format/format";
import { requestTime, requireHouse } from "../../request";
import styles from "../Cards.module.css";
import { passNow } from "../cardData";
import { CARD_VIEWS } from "../subViews";

export const metadata: Metadata = { title: t("forTheDoor") };

const MARKS = { contains: "●", may: "○", unknown: "?" } as const;

type Props = { readonly searchParams: Promise<{ readonly day?: string }> };

/** Past evenings that are one tap away; any other day is reached by its address. */
const DAYS_BACK = 6;
const Day = z.iso.date();

export default async function DoorPage({ searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const today = todayIn(house.timeZone, nowMs);
  const asked = Day.safeParse((await searchParams).day);
  const past = asked.success && asked.data < today ? asked.data : null;
  const bounds = past === null ? null : dayBounds(past, house.timeZone);
  const went = bounds && doorBetween(db(), bounds.fromMs, bounds.toMs);
  const ruleSetId = went?.ruleSetId ?? house.ruleSetId;
  const { named, words, source } = ALLERGEN_LISTS[ruleSetId];
  const rows = went
    ? went.rows.map(({ name, plates, allergens }) => ({
        id: name,
        name: t("nameAndPlates", { name, plates }),
        allergens: allergenLines(allergens, ruleSetId),
      }))
    : passNow(db(), house, nowMs).tiles.map(({ cardId, name, allergens }) => ({ id: cardId, name, allergens }));
  return (
    <>
      <PageHead
        title={t("allergensOfTheCard")}
        asks={
          bounds
            ? t("asItWentOn", { day: dayText(bounds.fromMs, house.timeZone) })
            : t("asOf", { day: dayText(nowMs, house.timeZone), time: timeText(nowMs, house.timeZone) })
        }
      >
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards/door" />
        <nav className={styles.guest} aria-label={t("forWhichDay")}>
          {Array.from({ length: DAYS_BACK + 1 }, (_, back) => shiftDay(today, -back)).map((day) => (
            <Link
              key={day}
              href={(day === today ? "/cards/door" : `/cards/door?day=${day}`) as Route}
              aria-current={day === (past ?? today) ? "true" : undefined}
              replace
            >
              {day === today ? t("now") : dayText(startOfDayMs(day, house.timeZone), house.timeZone)}
            </Link>
          ))}
        </nav>
      </div>
      <section className={page.card}>
        {rows.length === 0 ? <Empty>{past ? t("noPlateOfACardWent") : t("aCardJoinsWhatIsThere")}</Empty> : null}
        <div className={styles.scroll}>
          <table className={styles.matrix} data-testid="matrix">
            <thead>
              <tr>
                <th scope="col">{t("card")}</th>
                {named.map((id) => (
                  <th key={id} scope="col">
                    {words[id] ?? id}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ id, name, allergens }) => (
                <tr key={id}>
                  <th scope="row">{name}</th>
                  {named.map((allergen) => {
                    const state = allergens.find((line) => line.id === allergen)?.state;
                    return (
                      <td key={allergen} data-state={state ?? "free"}>
                        {state ? MARKS[state] : ""}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p>{t("marksMean", { contains: MARKS.contains, may: MARKS.may, unknown: MARKS.unknown })}</p>
        <Source>{source}</Source>
      </section>
    </>
  );
}
