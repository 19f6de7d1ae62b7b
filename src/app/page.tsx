import { Suspense } from "react";
import { db } from "@/db/connection";
import { clockDrift } from "@/db/houseClock";
import { formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { BackupNote } from "./today/BackupNote";
import { ChecksNote } from "./today/ChecksNote";
import { ClockNote } from "./today/ClockNote";
import { CurrencyAsk } from "./today/CurrencyAsk";
import { HandoverNote } from "./today/HandoverNote";
import { LockNote } from "./today/LockNote";
import { NextCard } from "./today/NextCard";
import { RunningCooks } from "./shell/RunningCooks";
import { StandingNote } from "./today/StandingNote";
import { TodayRows } from "./today/TodayRows";
import { UseFirst } from "./today/UseFirst";
import { FireRows } from "./butter/FireRows";
import { onTheFire } from "./butter/onTheFire";
import { ServiceNow } from "./line/ServiceNow";
import { requireHouse, requestTime } from "./request";
import { todayNow } from "./today/todayNow";

const SHOWN = 5;

export default async function TodayPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { timeZone } = house;
  const drift = clockDrift();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const now = todayNow(house, nowMs);
  return (
    <>
      {drift.jumped ? <ClockNote driftMs={drift.driftMs} /> : null}
      {house.currency === null ? <CurrencyAsk currencies={Intl.supportedValuesOf("currency")} /> : null}
      <Suspense fallback={null}>
        <ServiceNow house={house} nowMs={nowMs} />
      </Suspense>
      <NextCard action={now.action} format={format} />
      <LockNote demo={house.demo} />
      <StandingNote />
      <BackupNote house={house} nowMs={nowMs} loud />
      <ChecksNote timeZone={timeZone} nowMs={nowMs} />
      <HandoverNote nowMs={nowMs} timeZone={timeZone} />
      <div className={page.wideLeft}>
        <UseFirst stock={now.stock} all={now.all} shown={SHOWN} format={format} />
        <div className={page.stack}>
          <RunningCooks cooks={now.cooks} serverNowMs={nowMs} />
          <FireRows {...onTheFire(db())} serverNowMs={nowMs} />
          <TodayRows now={now} shown={SHOWN} format={format} timeZone={timeZone} />
        </div>
      </div>
      <BackupNote house={house} nowMs={nowMs} loud={false} />
    </>
  );
}
