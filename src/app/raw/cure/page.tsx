import type { Metadata } from "next";
import { db } from "@/db/connection";
import { stockOnIce } from "@/db/lots/stock";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { RAW_VIEWS } from "../subViews";
import { CureBench } from "./CureBench";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Cure" };

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
      <PageHead
        title="Cure it"
        asks="Salt and sugar by weight, time by thickness: when to take it out, and when it is even enough to slice."
      />
      <SubNav views={RAW_VIEWS} here="/raw/cure" />
      <CureBench lots={lots} />
    </>
  );
}
