"use client";
import { Button, Switch } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { shelfWith, type Ingredient } from "@/core/butter";
import type { CardPiece, CardSpec } from "@/core/cards";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import butter from "../../butter/Butter.module.css";
import { PortionLines } from "../../butter/PortionLines";
import { keepTheCard } from "../actions";
import { GarnishLines } from "./GarnishLines";
import { HandsFields } from "./HandsFields";
import { PieceFields, type CardFish } from "./PieceFields";
import { SauceFields } from "./SauceFields";

type Props = {
  readonly cardId: string | null;
  readonly first: CardSpec;
  readonly today: string;
  readonly sauces: readonly { readonly specId: string; readonly name: string }[];
  readonly own: readonly Ingredient[];
  /** Every fish a card may take. */
  readonly fish: readonly CardFish[];
};

/** A card written down: the piece and its way, the sauce, what leans on it and what finishes it. Everything else is joined. */
export function WriteCard({ cardId, first, today, sauces, own, fish }: Props) {
  const { act, busy } = useAct();
  const router = useRouter();
  const [card, setCard] = useState(first);
  const change = (part: Partial<CardSpec>) => setCard((before) => ({ ...before, ...part }));
  const piece = (part: Partial<CardPiece>) => change({ piece: { ...card.piece, ...part } });
  const keep = async () => {
    const done = await act(keepTheCard, { cardId, card }, () => t("cardIsKept", { name: card.name }));
    if (done) router.push(`/cards/${done.value}`);
  };
  return (
    <section className={page.card} data-testid="write-card">
      <div className={butter.pairs}>
        <Field label={t("nameOfTheDish")} wide>
          {(id) => (
            <TextInput
              id={id}
              value={card.name}
              maxLength={80}
              onChange={({ target }) => change({ name: target.value })}
            />
          )}
        </Field>
        <Field label={t("onlyToday")}>
          {(id) => (
            <Switch
              id={id}
              checked={card.onlyOn !== null}
              onChange={(only) => change({ onlyOn: only ? today : null })}
            />
          )}
        </Field>
      </div>
      <h2 className={butter.below}>{t("thePiece")}</h2>
      <PieceFields piece={card.piece} fish={fish} onChange={piece} />
      <h2 className={butter.below}>{t("underIt")}</h2>
      <SauceFields sauce={card.sauce} sauces={sauces} onChange={(sauce) => change({ sauce })} />
      <h2 className={butter.below}>{t("leaningOnIt")}</h2>
      <div className={butter.fields}>
        <GarnishLines garnishes={card.garnishes} onChange={(garnishes) => change({ garnishes })} />
      </div>
      <h2 className={butter.below}>{t("atThePass")}</h2>
      <PortionLines
        portions={card.finish}
        shelf={shelfWith(own)}
        which="taste"
        onChange={(finish) => change({ finish: [...finish] })}
      />
      <div className={butter.pairs}>
        <NumberField
          label={t("priceToTheGuest")}
          value={(card.priceCents ?? 0) / 100}
          min={0}
          max={2000}
          step={0.5}
          onChange={(price) => change({ priceCents: price > 0 ? Math.round(price * 100) : null })}
        />
        <NumberField
          label={t("secondsToPlate")}
          value={card.plateSeconds}
          min={5}
          max={600}
          whole
          onChange={(plateSeconds) => change({ plateSeconds })}
        />
      </div>
      <h2 className={butter.below}>{t("whoseHands")}</h2>
      <HandsFields card={card} onChange={(hands) => change({ hands })} />
      <div className={butter.acts}>
        <Button
          type="primary"
          size="large"
          loading={busy}
          disabled={card.name.trim() === "" || card.piece.speciesIds.length === 0}
          onClick={() => void keep()}
        >
          {cardId === null ? t("keepTheCard") : t("fromNowOn")}
        </Button>
      </div>
      {cardId === null ? null : <p className={page.sub}>{t("platesStayAsTheyWere")}</p>}
    </section>
  );
}
