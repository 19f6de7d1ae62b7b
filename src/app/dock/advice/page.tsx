import type { Metadata } from "next";
import { inSentence } from "@/core/species";
import { listAdvice } from "@/db/house/advice";
import { db } from "@/db/connection";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { speciesName } from "../../stove/clockOf";
import { DOCK_VIEWS } from "../subViews";
import { AdviceDesk } from "./AdviceDesk";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/dock";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("advice") };

export default async function AdvicePage() {
  await requestTime();
  requireHouse();
  const advice = listAdvice(db());
  const origin = ({ gear, area }: { readonly gear: string; readonly area: string }) => {
    const words = [gear, area].filter(Boolean).join(", ");
    return words ? ` (${words.toLowerCase()})` : "";
  };
  const avoided = [
    ...new Set(
      advice
        .filter(({ rating }) => rating === "avoid")
        .map((entry) => `${inSentence(speciesName(entry.speciesId))}${origin(entry)}`),
    ),
  ];
  return (
    <>
      <PageHead
        title={
          avoided.length > 0
            ? t("avoidAvoided", { avoided: avoided.slice(0, 3).join(", ") })
            : t("whatAdvisersSayOfTheFish")
        }
        asks={t("whoSaidItAndWhenStands")}
      />
      <SubNav views={DOCK_VIEWS} here="/dock/advice" />
      <div className={page.wideLeft}>
        <section className={page.card}>
          <h2>{t("inTheHouse")}</h2>
          {advice.length === 0 ? <Empty>{t("noneYetEnterOneOrRead")}</Empty> : null}
          <ul className={page.rows}>
            {advice.map((entry) => (
              <li key={entry.id}>
                <div className={page.row}>
                  <span className={page.grow}>
                    <span className={page.title}>{speciesName(entry.speciesId)}</span>{" "}
                    <span className={page.sub}>
                      {[entry.production, entry.area, entry.gear].filter(Boolean).join(", ") || t("anyOrigin")}
                    </span>
                  </span>
                  <AdviceTag {...entry} />
                </div>
              </li>
            ))}
          </ul>
        </section>
        <AdviceDesk />
      </div>
    </>
  );
}
