import type { Metadata } from "next";
import { connection } from "next/server";
import type { CoolingRuleId } from "@/core/safety";
import { SubNav } from "@/ui/SubNav";
import { requireHouse } from "../../request";
import { STOVE_VIEWS } from "../subViews";
import { ChillBench } from "./ChillBench";

export const metadata: Metadata = { title: "Chill it" };

export default async function ChillPage() {
  await connection();
  const house = requireHouse();
  // the Union's text names no times: the US steps are the nearest that do
  const ruleId: CoolingRuleId = house.ruleSetId === "uk-2013" ? "uk-1989" : "fda-2022";
  return <ChillBench ruleId={ruleId} nav={<SubNav views={STOVE_VIEWS} here="/stove/chill" />} />;
}
