"use client";
import { outcomeLabel, stageColumns, type SheetRow } from "@/core/cooking";
import type { DonenessGroup } from "@/core/species";
import { clockText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";

type Props = { readonly rows: readonly SheetRow[]; readonly group: DonenessGroup };

/** Thickness against times; a thickness that is not for this method says why. */
export function SheetTable({ rows, group }: Props) {
  const { format } = useHouse();
  const names = stageColumns(rows);
  return (
    <div className={styles.sheetWrap} role="region" aria-label={t("stationSheet")} tabIndex={0}>
      <table className={styles.sheet}>
        <thead>
          <tr>
            <th scope="col">{t("thick")}</th>
            {names.map((name) => (
              <th scope="col" key={name}>
                {name}
              </th>
            ))}
            <th scope="col">{t("pullAt")}</th>
            <th scope="col">{t("reaches")}</th>
            <th scope="col">{t("earlyLate")}</th>
            <th scope="col">{t("ends")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.thicknessMm} data-refused={row.refusal !== null || undefined}>
              <th scope="row">{format.length(row.thicknessMm)}</th>
              {row.stages.length === 0 ? (
                <td colSpan={names.length + 4}>{say(row.refusal ?? "", format)}</td>
              ) : (
                <>
                  {names.map((name) => {
                    const stage = row.stages.find((one) => one.name === name);
                    return <td key={name}>{stage ? clockText(stage.seconds) : "·"}</td>;
                  })}
                  <td>{row.pullC === null ? "" : format.temperature(row.pullC)}</td>
                  <td>{row.peakC === null ? "" : format.temperature(row.peakC)}</td>
                  <td>
                    {row.earlyS === null || row.lateS === null
                      ? ""
                      : `−${clockText(row.earlyS)} +${clockText(row.lateS)}`}
                  </td>
                  <td className={styles.words}>
                    {row.refusal ? say(row.refusal, format) : row.band === null ? "" : outcomeLabel(row.band, group)}
                  </td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
