"use client";
import Link from "next/link";
import { useState } from "react";
import type { Tile } from "@/house/line/pass";
import { NumberField } from "@/ui/form/NumberField";
import { PlainButton } from "@/ui/form/PlainButton";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { lifeText } from "@/words/format/format";
import { AllergenTags } from "./AllergenTags";
import { book, serve, strike } from "./actions";
import styles from "./Cards.module.css";

type Props = { readonly tile: Omit<Tile, "dish"> };

/** A dish at the pass: how many are left, what is booked, and striking it off. */
export function TileCard({ tile }: Props) {
  const { act, busy } = useAct();
  const [open, setOpen] = useState<"book" | "off" | null>(null);
  const [covers, setCovers] = useState(tile.toCome + tile.served || 10);
  const [reason, setReason] = useState("");
  const { cardId, name, off, left, toCome, served, short, from, sellFirst } = tile;
  const state = off ? "off" : short > 0 ? "short" : sellFirst ? "push" : left + toCome === 0 ? "none" : "on";
  return (
    <li className={styles.tile} data-state={state} data-card={cardId}>
      <h2>
        <Link href={`/cards/${cardId}`}>{name}</Link>
        {tile.special ? <span className={page.sub}> {t("special")}</span> : null}
      </h2>
      {off ? (
        <p className={styles.note}>{t("offBecause", { who: off.who, reason: off.reason })}</p>
      ) : (
        <>
          <p className={styles.count}>
            <b data-testid="left">{left}</b>{" "}
            <span className={page.sub}>{t("leftBesideBooked", { booked: toCome, served })}</span>
          </p>
          <div>
            {short > 0 ? (
              <p className={styles.note} data-state="short">
                {t("shortOf", { short })}
              </p>
            ) : sellFirst ? (
              <p className={styles.note} data-state="push">
                {t("runsOutOfDays")}
              </p>
            ) : null}
            <p className={page.sub}>
              {from
                ? from.daysLeft !== null && from.daysLeft <= 0
                  ? t("fromLotToday", { code: from.code, source: from.source })
                  : t("fromLot", { code: from.code, source: from.source, left: lifeText(from.daysLeft) })
                : t("notTonight")}
            </p>
            <AllergenTags lines={tile.allergens} />
          </div>
        </>
      )}
      <div className={styles.tileActs}>
        {off ? (
          <PlainButton
            busy={busy}
            onClick={() => void act(strike, { cardId, reason: null }, () => t("isBackOn", { name }))}
          >
            {t("putItBackOn")}
          </PlainButton>
        ) : (
          <>
            <PlainButton
              look="strong"
              disabled={toCome + left === 0}
              busy={busy}
              onClick={() => void act(serve, { cardId, covers: 1 }, () => t("onePlateWent", { name }))}
            >
              {t("onePlateGone")}
            </PlainButton>
            <PlainButton onClick={() => setOpen(open === "book" ? null : "book")} aria-expanded={open === "book"}>
              {t("bookIt")}
            </PlainButton>
            <PlainButton onClick={() => setOpen(open === "off" ? null : "off")} aria-expanded={open === "off"}>
              {t("strikeOff")}
            </PlainButton>
          </>
        )}
      </div>
      {open === "book" ? (
        <div className={styles.tileActs}>
          <NumberField label={t("coversToday")} value={covers} min={0} max={300} whole onChange={setCovers} />
          <PlainButton
            busy={busy}
            onClick={async () => {
              const done = await act(book, { cardId, covers }, () => t("isBooked", { covers }));
              if (done) setOpen(null);
            }}
          >
            {t("set")}
          </PlainButton>
        </div>
      ) : null}
      {open === "off" ? (
        <div className={styles.tileActs}>
          <TextInput
            aria-label={t("whyIsItOff")}
            placeholder={t("whyIsItOff")}
            value={reason}
            maxLength={120}
            onChange={({ target }) => setReason(target.value)}
          />
          <PlainButton
            look="danger"
            disabled={reason.trim().length < 2}
            busy={busy}
            onClick={async () => {
              const done = await act(strike, { cardId, reason }, () => t("isOff", { name }));
              if (done) setOpen(null);
            }}
          >
            {t("strikeItOff")}
          </PlainButton>
        </div>
      ) : null}
    </li>
  );
}
