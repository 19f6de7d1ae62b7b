import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { connection } from "next/server";
import { RULE_SETS, RULE_SET_IDS } from "@/core/safety";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { WelcomeForm } from "./WelcomeForm";
import { t } from "@/words/welcome";

export const metadata: Metadata = { title: t("openTheHouse") };

export default async function WelcomePage() {
  await connection();
  if (findHouse(db())) redirect("/");
  const rules = RULE_SET_IDS.map((id) => ({ value: id, label: `${RULE_SETS[id].label} (${RULE_SETS[id].edition})` }));
  return (
    <WelcomeForm
      rules={rules}
      zones={Intl.supportedValuesOf("timeZone")}
      currencies={Intl.supportedValuesOf("currency")}
    />
  );
}
