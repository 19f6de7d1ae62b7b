import { sumOf } from "@/core/numeric";
import type { Metadata } from "next";
import { todayIn } from "@/calendar/days";
import { coolingRuleOf, COOLING_RULES } from "@/core/safety";
import { sauceSpecs } from "@/db/butter/specs";
import { listBurners } from "@/db/butter/spots";
import { bonesOnIce, runningPots, stocksNow } from "@/db/butter/stocks";
import { db } from "@/db/connection";
import { bookedOn } from "@/db/cards/bookings";
import { stockDraws } from "@/house/butter/stockBoard";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { formatFor } from "@/words/format/format";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { RunningPots } from "./RunningPots";
import { StockBench } from "./StockBench";

export const metadata: Metadata = { title: t("stock") };

export default async function StockPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const booked = bookedOn(db(), todayIn(house.timeZone, nowMs));
  const pots = stocksNow(db())
    .filter(({ lot }) => lot.useByMs === null || lot.useByMs > nowMs)
    .map(({ lot, name }) => ({ id: lot.id, code: lot.code, name, remainingG: lot.remainingG }));
  const running = runningPots(db());
  const haveMl = sumOf(pots, ({ remainingG }) => remainingG);
  const { draws, balance } = stockDraws(sauceSpecs(db()), booked, haveMl);
  const ruleId = coolingRuleOf(house.ruleSetId);
  return (
    <>
      <PageHead
        title={
          balance.shortMl > 0
            ? t("stockIsShort", { volume: format.volume(balance.shortMl) })
            : t("stockIsEnough", { volume: format.volume(balance.drawnMl) })
        }
        asks={t("bonesIntoThePot")}
      />
      <SubNav views={BUTTER_VIEWS} here="/butter/stock" />
      {running.length > 0 ? (
        <div className={page.stack}>
          <RunningPots pots={running} serverNowMs={nowMs} />
          <span />
        </div>
      ) : null}
      <StockBench
        bones={bonesOnIce(db(), nowMs).map(({ lot, whyNot }) => ({
          id: lot.id,
          title: lot.title,
          code: lot.row.code,
          massG: lot.massG,
          whyNot,
        }))}
        burners={listBurners(db())}
        draws={draws}
        balance={balance}
        pots={pots}
        ruleId={ruleId}
        ruleSource={COOLING_RULES[ruleId].source}
      />
    </>
  );
}
