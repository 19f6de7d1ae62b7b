import type { Metadata } from "next";
import { PageHead } from "@/ui/layout/PageHead";
import { DeviceCard } from "./DeviceCard";
import { t } from "@/words/shell";
import { requireHouse } from "../request";

export const metadata: Metadata = { title: t("thisDevice") };

export default async function DevicePage() {
  requireHouse();
  return (
    <>
      <PageHead title={t("thisDevice")} asks={t("whatItCanDoAtThisAddress")} />
      <DeviceCard />
    </>
  );
}
