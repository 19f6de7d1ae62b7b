import { stageColumns } from "@/core/cooking";
import { db } from "@/db/connection";
import { findSheet } from "@/db/stove/stationSheets";
import { toCsv } from "@/exchange/csv";
import { t } from "@/words/api";
import { inMetric } from "@/words/say";
import { problem } from "../../problem";

const figure = (value: number | null, digits = 0) => (value === null ? "" : value.toFixed(digits));

/** A kept station sheet: `?sheet=ID`; seconds, mm and °C. */
export function GET(request: Request): Response {
  const sheet = findSheet(db(), new URL(request.url).searchParams.get("sheet") ?? "");
  if (!sheet) return problem(404, "sheet", t("thatSheetIsNotInThe"));
  const names = stageColumns(sheet.rows);
  const head = [
    "thickness_mm",
    ...names.map((name) => `${name} (s)`),
    "pull_c",
    "peak_c",
    "early_s",
    "late_s",
    "ends",
    "not_so",
  ];
  const rows = sheet.rows.map((row) => [
    String(row.thicknessMm),
    ...names.map((name) => figure(row.stages.find((stage) => stage.name === name)?.seconds ?? null)),
    figure(row.pullC, 1),
    figure(row.peakC, 1),
    figure(row.earlyS),
    figure(row.lateS),
    row.band ?? "",
    row.refusal === null ? "" : inMetric(row.refusal),
  ]);
  return new Response(toCsv([head, ...rows]), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="station-sheet.csv"',
      "cache-control": "no-store",
    },
  });
}
