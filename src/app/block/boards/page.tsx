import type { Metadata } from "next";
import { startOfDayMs, todayIn } from "@/calendar/days";
import { BOARD_USES, BOARD_USE_IDS } from "@/core/block";
import { inSentence } from "@/core/species";
import { boardsSince, boardScheme } from "@/db/block/boards";
import { db } from "@/db/connection";
import { listScales } from "@/db/block/scales";
import { listOwnSpecies } from "@/db/house/species";
import { timeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { BoardCards } from "./BoardCards";
import { ScaleKeys } from "./ScaleKeys";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("boards") };

export default async function BoardsPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const scheme = boardScheme(db());
  const { work, washes } = boardsSince(
    db(),
    startOfDayMs(todayIn(house.timeZone, nowMs), house.timeZone),
    listOwnSpecies(db()),
  );
  const colours = [...new Set(Object.values(scheme))];
  const unwashed = colours.filter((colour) => {
    const washedMs = washes.find((wash) => wash.colour === colour)?.atMs ?? -Infinity;
    const since = work.filter((one) => one.colour === colour && one.atMs > washedMs);
    return new Set(since.flatMap(({ allergen }) => (allergen ? [allergen] : []))).size > 1;
  });
  return (
    <>
      <PageHead
        title={
          unwashed.length === 0
            ? t("boardsInOrder")
            : t("washTheUnwashedBoard", { unwashed: unwashed.join(" and the ") })
        }
        asks={t("oneColourForOneKindOf")}
      />
      <SubNav views={BLOCK_VIEWS} here="/block/boards" />
      <div className={page.stack}>
        <section className={page.card}>
          <h2>{t("colours")}</h2>
          <BoardCards
            uses={BOARD_USE_IDS.map((use) => {
              const colour = scheme[use];
              const washedMs = washes.find((wash) => wash.colour === colour)?.atMs ?? null;
              const since = work.filter((one) => one.colour === colour && one.atMs > (washedMs ?? 0));
              return {
                use,
                label: BOARD_USES[use],
                colour,
                lay: [
                  ...new Set(
                    since.map(({ what, allergen }) => `${inSentence(what)}${allergen ? ` (${allergen})` : ""}`),
                  ),
                ],
                washed: washedMs === null ? null : timeText(washedMs, house.timeZone),
              };
            })}
          />
          <p className={`${page.source} ${page.aboveMore}`}>{t("blueForRawSeafoodYellowFor")}</p>
        </section>
        <section className={page.card}>
          <h2>{t("scales")}</h2>
          <ScaleKeys scales={listScales(db()).map(({ id, name }) => ({ id, name }))} />
        </section>
      </div>
    </>
  );
}
