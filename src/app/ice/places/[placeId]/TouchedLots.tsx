import Link from "next/link";
import { HISTAMINE_EXPOSURE } from "@/core/safety";
import type { TouchedLot } from "@/db/lots/excursions";
import { hoursText, type Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import styles from "../../Ice.module.css";
import { t } from "@/words/ice";

/** What lay through a warm stretch: hours, life, worth, and what the histamine rule says, the worst first. */
export function TouchedLots({ touched, format }: { readonly touched: readonly TouchedLot[]; readonly format: Format }) {
  return (
    <>
      <table className={styles.touched}>
        <thead>
          <tr>
            <th scope="col">{t("lot")}</th>
            <th scope="col">{t("there")}</th>
            <th scope="col">{t("lifeLost")}</th>
            <th scope="col">{t("worthLost")}</th>
            <th scope="col">{t("histamineRule")}</th>
          </tr>
        </thead>
        <tbody>
          {touched.map(({ lot, title, effect, lostCents }) => (
            <tr key={lot.id} data-lot={lot.code}>
              <td>
                <Link href={`/ice/${lot.id}`}>
                  {title} <span className="figure">{lot.code}</span>
                </Link>
              </td>
              <td className="figure">{hoursText(effect.hours)}</td>
              <td className="figure" data-testid="life-lost">
                {hoursText(effect.lostIceDays * 24)}
              </td>
              <td className="figure">{lot.status === "on-ice" ? format.money(lostCents) : t("gone2")}</td>
              <td>
                {effect.histamine === null ? (
                  <span className="muted">{t("doesNotApply")}</span>
                ) : effect.histamine.ok ? (
                  t("withinItHoursAboveOfLimitHH", {
                    hoursAbove: hoursText(effect.histamine.hoursAbove),
                    limitH: effect.histamine.limitH,
                    above: format.temperature(HISTAMINE_EXPOSURE.aboveC, 1),
                  })
                ) : (
                  <b className={page.stop}>
                    {t("overHoursAboveOfLimitHHThrow", {
                      hoursAbove: hoursText(effect.histamine.hoursAbove),
                      limitH: effect.histamine.limitH,
                    })}
                  </b>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {touched.some(({ effect }) => effect.histamine) ? (
        <Source>
          {touched.find(({ effect }) => effect.histamine)?.effect.histamine?.source}
          {t("hoursBeforeTheDoorAreNot")}
        </Source>
      ) : null}
    </>
  );
}
