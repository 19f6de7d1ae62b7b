import Link from "next/link";
import { HOUR_MS } from "@/core/units";
import type { PlateGroup, RecallLot } from "@/house/book/recall";
import page from "@/ui/layout/page.module.css";
import { momentText, timeText } from "@/words/format/format";
import { t } from "@/words/trace";
import styles from "./Recall.module.css";

type Props = {
  readonly title: string;
  readonly groups: readonly PlateGroup[];
  readonly lots: ReadonlyMap<string, RecallLot>;
  readonly timeZone: string;
};

/** Plates by hour and hands, as they are read out on the telephone. */
export function PlateGroups({ title, groups, lots, timeZone }: Props) {
  return (
    <section className={page.card} aria-label={title}>
      <h2>{title}</h2>
      {groups.length === 0 ? <p className={page.sub}>{t("noPlates")}</p> : null}
      <ol className={styles.groups}>
        {groups.map((group) => {
          const { hourMs, ids, dish, raw, who, tables, lotId, written } = group;
          const lot = lots.get(lotId);
          const pot = lots.get(lot?.potId ?? "");
          const toMs = hourMs + HOUR_MS;
          return (
            <li key={`${ids[0]}`}>
              <span className="figure">
                {t("between", { from: momentText(hourMs, 0, timeZone), to: timeText(toMs, timeZone) })}
              </span>
              <div>
                <b>
                  <Link href={`/book/plate/${ids[0]}`}>
                    {t("groupOf", { count: ids.length, dish: dish ?? (raw ? t("rawPlate") : t("noCard")) })}
                  </Link>
                </b>
                <p>{t("andWho", { who, tables: tables.map(tableText).join(", ") || t("noTable") })}</p>
                <p className={page.sub}>
                  {t.rich(written ? "through" : "notWritten", {
                    code: lot?.code ?? "",
                    name: lot?.name ?? "",
                    link: (words) => <Link href={`/book/lot/${lotId}`}>{words}</Link>,
                  })}
                  {pot
                    ? `; ${t("outOfThePot", { code: pot.code, name: pot.name, since: momentText(pot.atMs, 0, timeZone) })}`
                    : null}
                </p>
              </div>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

export const tableText = ({ table, guest }: PlateGroup["tables"][number]): string =>
  t("tableOf", { table, guest: guest ?? "none" });
