import type { Route } from "next";
import Link from "next/link";
import type { CardLot, CardSpec } from "@/core/cards";
import { t } from "@/words/cards";
import styles from "../Cards.module.css";

type Props = {
  readonly cardId: string;
  readonly card: CardSpec;
  /** What serves it first; null: nothing on ice is fit for it. */
  readonly lot: CardLot | null;
};

const BATCH = "batch:";

/** Where the piece is cooked or served raw from: the batch that is cut, else the lot. */
function pieceHref({ piece }: CardSpec, { id }: CardLot): string {
  if (id.startsWith(BATCH)) return `/stove/${id.slice(BATCH.length)}`;
  return piece.use === "raw" ? `/raw/${id}` : `/stove/lot/${id}`;
}

/** One tap to the hands: cook it, make its sauce, prepare what leans on it. */
export const CardActs = ({ cardId, card, lot }: Props) => (
  <nav className={styles.guest} aria-label={t("toTheHands")}>
    {lot ? (
      <Link href={pieceHref(card, lot) as Route}>{card.piece.use === "raw" ? t("plateItRaw") : t("cookIt")}</Link>
    ) : (
      <Link href="/block/order">{t("orderIt")}</Link>
    )}
    {card.sauce ? <Link href={`/butter/sauce/${card.sauce.specId}` as Route}>{t("makeItsSauce")}</Link> : null}
    <Link href={`/line?t=${encodeURIComponent(`1 ${cardId}`)}` as Route}>{t("toTheLine")}</Link>
    {card.garnishes.length > 0 ? <Link href="/cards/prep">{t("prepareTheRest")}</Link> : null}
  </nav>
);
