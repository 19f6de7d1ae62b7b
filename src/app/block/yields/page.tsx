import type { Metadata } from "next";
import { compareYields, expectedParts, findBreakdown } from "@/core/block";
import type { Form } from "@/core/freshness";
import { groupBy } from "@/core/shared";
import { shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { breakdownsSince, YIELD_DAYS, type BreakdownRow } from "@/db/block/breakdowns";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { SubNav } from "@/ui/layout/SubNav";
import { formatFor } from "@/words/format/format";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { YieldTable, type YieldLine } from "./YieldTable";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("yields") };

const weighedOf = (rows: readonly BreakdownRow[]) =>
  rows.flatMap(({ parts, wholeG }) => parts.map(({ partId, massG }) => ({ partId, massG, wholeG })));

/** Records of one species, form and way together; inside them each cook and each supplier alone. */
function linesOf(rows: readonly BreakdownRow[]): YieldLine[] {
  const groups = groupBy(rows, ({ speciesId, form, wayId }) => `${speciesId}|${form}|${wayId}`);
  return [...groups.values()].flatMap((group): YieldLine[] => {
    const { speciesId, form, wayId } = group[0]!;
    const species = speciesOf(db(), speciesId);
    const way = findBreakdown(wayId);
    if (!species || !way) return [];
    const parts = expectedParts(way, species, form as Form);
    const main = parts.find(({ use }) => use === "portions") ?? parts[0]!;
    const alone = (by: "who" | "supplier") =>
      [...groupBy(group, (row) => row[by]).entries()].map(([name, own]) => ({
        name,
        times: own.length,
        pct: compareYields([main], weighedOf(own)).find(({ partId }) => partId === main.id)?.meanPct ?? null,
      }));
    return [
      {
        key: `${speciesId}|${form}|${wayId}`,
        title: `${shortName(species)}: ${way.label.toLowerCase()}`,
        main: main.label,
        times: group.length,
        expected: main.pct,
        parts: compareYields(parts, weighedOf(group)).map((one) => ({
          ...one,
          label: parts.find(({ id }) => id === one.partId)?.label ?? one.partId,
          range: parts.find(({ id }) => id === one.partId)?.pct ?? null,
        })),
        cooks: alone("who"),
        suppliers: alone("supplier"),
      },
    ];
  });
}

export default async function YieldsPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const isLow = ({ parts, main }: YieldLine) => parts.find(({ label }) => label === main)?.verdict === "low";
  const lines = linesOf(breakdownsSince(db(), nowMs - YIELD_DAYS * DAY_MS)).sort(
    (a, b) => Number(isLow(b)) - Number(isLow(a)),
  );
  const low = lines.filter(isLow);
  return (
    <>
      <PageHead
        title={
          lines.length === 0
            ? t("noYieldsWeighedYet")
            : low.length > 0
              ? t("splitGivesLessThanItShould", { split: low[0]!.title.split(":")[0]! })
              : t("yieldsAsTheyShouldBe")
        }
        asks={t("whatAnimalsGaveHereOverA")}
      />
      <SubNav views={BLOCK_VIEWS} here="/block/yields" />
      <YieldTable lines={lines} format={format} />
    </>
  );
}
