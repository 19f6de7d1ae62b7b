import type { Metadata } from "next";
import { connection } from "next/server";
import { coolingRuleOf } from "@/core/safety";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse } from "../../request";
import { STOVE_VIEWS } from "../subViews";
import { ChillBench } from "./ChillBench";
import { t } from "@/words/stove";

export const metadata: Metadata = { title: t("chillIt") };

export default async function ChillPage() {
  await connection();
  const house = requireHouse();
  const ruleId = coolingRuleOf(house.ruleSetId);
  return <ChillBench ruleId={ruleId} nav={<SubNav views={STOVE_VIEWS} here="/stove/chill" />} />;
}
