import Link from "next/link";
import { lifeSegments } from "@/core/freshness";
import type { StockLot } from "@/db/lots/stock";
import { lifeText, type Format } from "@/words/format/format";
import { IceBar } from "@/ui/charts/IceBar";
import styles from "./Ice.module.css";
import { usableAs } from "./usableAs";
import { t } from "@/words/ice";

export function LotRow({ lot, format }: { readonly lot: StockLot; readonly format: Format }) {
  const { life, row } = lot;
  return (
    <Link href={`/ice/${lot.id}`} className={styles.lot} data-lot={row.code}>
      <span className={styles.name}>
        <b>{lot.title}</b>
        <span>
          <span className="figure">{row.code}</span> · {row.supplier}
        </span>
      </span>
      <span className={styles.mass}>{format.mass(lot.massG)}</span>
      <span className={styles.bar}>
        <IceBar
          segments={lifeSegments(life, lot.rawAllowed)}
          text={t("titleDaysLeftLeft", { title: lot.title, daysLeft: lifeText(life.daysLeft) })}
        />
      </span>
      <span className={styles.left} data-use={life.use}>
        <b data-testid="days-left">{lifeText(life.daysLeft)}</b>
        <span>{usableAs(life, row.form)}</span>
      </span>
    </Link>
  );
}
