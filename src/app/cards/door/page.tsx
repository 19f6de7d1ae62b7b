import type { Metadata } from "next";
import { ALLERGEN_LISTS } from "@/core/safety";
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

export default async function DoorPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { tiles } = passNow(db(), house, nowMs);
  const { named, words, source } = ALLERGEN_LISTS[house.ruleSetId];
  return (
    <>
      <PageHead
        title={t("allergensOfTheCard")}
        asks={t("asOf", { day: dayText(nowMs, house.timeZone), time: timeText(nowMs, house.timeZone) })}
      >
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards/door" />
      </div>
      <section className={page.card}>
        {tiles.length === 0 ? <Empty>{t("aCardJoinsWhatIsThere")}</Empty> : null}
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
              {tiles.map(({ cardId, name, allergens }) => (
                <tr key={cardId}>
                  <th scope="row">{name}</th>
                  {named.map((id) => {
                    const state = allergens.find((line) => line.id === id)?.state;
                    return (
                      <td key={id} data-state={state ?? "free"}>
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
