import Link from "next/link";
import type { StockLot } from "@/db/lots/stock";
import type { Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { LotRow } from "../ice/LotRow";
import { t } from "@/words/today";
import { Empty } from "@/ui/layout/Empty";

type Props = {
  readonly stock: readonly StockLot[];
  readonly all: number;
  readonly shown: number;
  readonly format: Format;
};

/** The lots that cannot wait, the most pressing first. */
export const UseFirst = ({ stock, all, shown, format }: Props) => (
  <section className={page.card}>
    <h2>{t("useFirst")}</h2>
    {stock.length === 0 ? (
      <Empty>{t.rich("nothingOnIceTakeInA", { link: (words) => <Link href="/dock">{words}</Link> })}</Empty>
    ) : (
      <ul className={page.rows}>
        {stock.slice(0, shown).map((lot) => (
          <li key={lot.id}>
            <LotRow lot={lot} format={format} />
          </li>
        ))}
      </ul>
    )}
    {stock.length > shown ? (
      <p className={page.above}>
        <Link href="/ice">{t("allAllLotsOnIce", { all })}</Link>
      </p>
    ) : null}
  </section>
);
