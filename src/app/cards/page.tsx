import type { Metadata } from "next";
import Link from "next/link";
import { todayIn } from "@/calendar/days";
import { fishBookings } from "@/db/cards/bookings";
import { db } from "@/db/connection";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { requestTime, requireHouse } from "../request";
import styles from "./Cards.module.css";
import { passNow } from "./cardData";
import { CARD_VIEWS } from "./subViews";
import { TileCard } from "./TileCard";

export const metadata: Metadata = { title: t("cards") };

export default async function CardsPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { tiles, world } = passNow(db(), house, nowMs);
  const cardless = fishBookings(db(), todayIn(house.timeZone, nowMs)).filter(({ card }) => card === null);
  const on = tiles.filter(({ off }) => off === null);
  const short = on.find((tile) => tile.short > 0);
  const push = on.find(({ sellFirst }) => sellFirst);
  const title = short
    ? t("bookedMoreThanThere", { name: short.name, short: short.short })
    : push
      ? t("sellThisFirst", { name: push.name })
      : on.length > 0
        ? t("allBookedIsThere")
        : t("noCardYet");
  const order = [...tiles].sort(
    (a, b) =>
      Number(a.off !== null) - Number(b.off !== null) ||
      b.toCome - a.toCome ||
      Number(b.left > 0) - Number(a.left > 0) ||
      a.name.localeCompare(b.name),
  );
  return (
    <>
      <PageHead title={title} asks={t("whatTheIceCanServe")}>
        <Link href="/cards/write">{t("writeACard")}</Link>
      </PageHead>
      <SubNav views={CARD_VIEWS} here="/cards" />
      {cardless.map(({ speciesId, covers }) => {
        const lot = world.lots.find(({ species, over }) => species.id === speciesId && !over);
        return (
          <p key={speciesId} className={page.line}>
            <span className={page.stop}>
              {t("wantACard", { covers, fish: world.speciesOf(speciesId)?.name ?? speciesId })}
            </span>
            {lot ? (
              <Link href={`/cards/write?lot=${lot.id}`}>{t("writeItFrom", { code: lot.code })}</Link>
            ) : (
              t("noneOnIce")
            )}
          </p>
        );
      })}
      {tiles.length === 0 ? (
        <section className={page.card}>
          <Empty>{t("aCardJoinsWhatIsThere")}</Empty>
        </section>
      ) : null}
      <ul className={styles.pass} data-testid="pass">
        {order.map(({ dish: _, ...tile }) => (
          <TileCard key={tile.cardId} tile={tile} />
        ))}
      </ul>
    </>
  );
}
