import type { Metadata } from "next";
import { db } from "@/db/connection";
import { stockOnIce } from "@/db/lots/stock";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { RAW_VIEWS } from "../subViews";
import { CureBench } from "./CureBench";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/raw";

export const metadata: Metadata = { title: t("cure") };

export default async function CurePage() {
  const nowMs = await requestTime();
  requireHouse();
  const lots = stockOnIce(db(), nowMs)
    .filter(
      ({ byProduct, life, row }) =>
        !byProduct && life.use !== "over" && life.state !== "frozen" && life.state !== "live" && row.form !== "smoked",
    )
    .map(({ id, title, row, species }) => ({
      id,
      title: `${title} ${row.code}`,
      speciesId: row.speciesId,
      massG: row.remainingG,
      thicknessMm: species.portion.thicknessMm,
    }));
  return (
    <>
      <PageHead title={t("cureIt")} asks={t("saltAndSugarByWeightTime")} />
      <SubNav views={RAW_VIEWS} here="/raw/cure" />
      <CureBench lots={lots} />
    </>
  );
}
