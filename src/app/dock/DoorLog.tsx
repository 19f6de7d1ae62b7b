import Link from "next/link";
import type { House } from "@/db/house/house";
import type { LotWithSupplier } from "@/db/lots/lots";
import { dayText, formatFor, timeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { speciesName } from "../stove/clockOf";
import { t } from "@/words/dock";
import { Empty } from "@/ui/layout/Empty";

/** What came to the door in the last days, refused ones as well. */
export function DoorLog({ lots, house }: { readonly lots: readonly LotWithSupplier[]; readonly house: House }) {
  const format = formatFor(house.units, house.currency, house.decimalMark);
  return (
    <section className={`${page.card} ${page.aboveMore}`}>
      <h2>{t("atTheDoorLastFourDays")}</h2>
      {lots.length === 0 ? (
        <Empty>{t("noDeliveryYetTheFirstOne")}</Empty>
      ) : (
        <ul className={page.rows}>
          {lots.map((lot) => (
            <li key={lot.id}>
              <Link href={`/ice/${lot.id}`} className={page.row}>
                <span className={`figure ${page.number}`}>{lot.code}</span>
                <span className={page.grow}>
                  <span className={page.title}>{speciesName(lot.speciesId)}</span>{" "}
                  <span className={page.sub}>
                    {format.mass(lot.massG)} · {lot.supplier} · {format.temperature(lot.receiptC, 1)} ·{" "}
                    {dayText(lot.receivedAtMs, house.timeZone)} {timeText(lot.receivedAtMs, house.timeZone)}
                  </span>
                </span>
                <VerdictTag verdict={lot.verdict} />
              </Link>
              {lot.status === "refused" ? (
                <p className={`${page.line} ${page.end}`}>
                  <Link href={`/dock/slip/${lot.id}`}>{t("slip")}</Link>
                </p>
              ) : null}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
