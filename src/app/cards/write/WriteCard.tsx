"use client";
import { Button, Checkbox, Input, Segmented, Select, Switch } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { shelfWith, type Ingredient } from "@/core/butter";
import type { CardPiece, CardSpec } from "@/core/cards";
import { crispsSkin, methodOf, METHODS, outcomeLabel, TARGET_DONENESS, targetCentreC } from "@/core/cooking";
import type { Species } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import butter from "../../butter/Butter.module.css";
import { PortionLines } from "../../butter/PortionLines";
import { keepTheCard } from "../actions";
import { GarnishLines } from "./GarnishLines";
import { HandsFields } from "./HandsFields";

type Props = {
  readonly cardId: string | null;
  readonly first: CardSpec;
  readonly today: string;
  readonly sauces: readonly { readonly specId: string; readonly name: string }[];
  readonly own: readonly Ingredient[];
  /** Every fish a card may take. */
  readonly fish: readonly Pick<Species, "id" | "name" | "donenessGroup">[];
};

/** What the middle is aimed at, as the list of it says. */
const middleOf = ({ underCooked, centreC }: CardPiece): string =>
  !underCooked ? "safe" : centreC === undefined ? "usual" : String(centreC);

const FLAGS = [
  ["crispSkin", t("crispSkin")],
  ["boneIn", t("onTheBone")],
  ["skewered", t("onASkewer")],
  ["cured", t("curedFirst")],
] as const satisfies readonly (readonly [keyof CardPiece, string])[];

/** A card written down: the piece and its way, the sauce, what leans on it and what finishes it. Everything else is joined. */
export function WriteCard({ cardId, first, today, sauces, own, fish }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const router = useRouter();
  const [card, setCard] = useState(first);
  const change = (part: Partial<CardSpec>) => setCard((before) => ({ ...before, ...part }));
  const piece = (part: Partial<CardPiece>) => change({ piece: { ...card.piece, ...part } });
  const animal = fish.find(({ id }) => id === card.piece.speciesIds[0]);
  const schools = card.piece.methodId === null ? [] : methodOf(card.piece.methodId).schools;
  const { centreC } = card.piece;
  const isListed = animal && TARGET_DONENESS.some((done) => targetCentreC(animal.donenessGroup, done) === centreC);
  const ownMiddle = centreC === undefined || isListed ? null : centreC;
  const keep = async () => {
    const done = await act(keepTheCard, { cardId, card }, () => t("cardIsKept", { name: card.name }));
    if (done) router.push(`/cards/${done.value}`);
  };
  return (
    <section className={page.card} data-testid="write-card">
      <div className={butter.pairs}>
        <Field label={t("nameOfTheDish")} wide>
          {(id) => (
            <Input id={id} value={card.name} maxLength={80} onChange={({ target }) => change({ name: target.value })} />
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
      <div className={butter.pairs}>
        <Field label={t("anyOfThese")} wide>
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              showSearch={{ optionFilterProp: "label" }}
              value={[...card.piece.speciesIds]}
              options={fish.map(({ id: value, name }) => ({ value, label: name }))}
              onChange={(speciesIds: string[]) => piece({ speciesIds })}
            />
          )}
        </Field>
        <Field label={t("served")}>
          {(id) => (
            <Segmented<CardPiece["use"]>
              id={id}
              block
              value={card.piece.use}
              options={[
                { value: "cook", label: t("cookedWord") },
                { value: "raw", label: t("rawWord") },
              ]}
              onChange={(use) =>
                piece({ use, methodId: use === "raw" ? null : (card.piece.methodId ?? "skin-unturned") })
              }
            />
          )}
        </Field>
        <QuantityField
          label={t("onePiece")}
          kind="mass"
          value={card.piece.massG}
          min={5}
          max={2000}
          onChange={(massG) => piece({ massG })}
        />
        <QuantityField
          label={t("thickness")}
          kind="length"
          value={card.piece.thicknessMm}
          min={2}
          max={150}
          onChange={(thicknessMm) => piece({ thicknessMm })}
        />
        {card.piece.use === "cook" ? (
          <Field label={t("howItIsCooked")} wide>
            {(id) => (
              <Select
                id={id}
                value={card.piece.methodId}
                options={METHODS.map(({ id: value, label }) => ({ value, label }))}
                onChange={(methodId) => piece({ methodId, schoolId: undefined, crispSkin: crispsSkin(methodId) })}
              />
            )}
          </Field>
        ) : null}
        {card.piece.methodId !== null && schools.length > 0 ? (
          <Field label={t("bySchool")} wide>
            {(id) => (
              <Select
                id={id}
                value={card.piece.schoolId ?? ""}
                options={[
                  { value: "", label: t("asTheStoveOpens") },
                  ...schools.map(({ id: value, label }) => ({ value, label })),
                ]}
                onChange={(schoolId: string) => piece({ schoolId: schoolId === "" ? undefined : schoolId })}
              />
            )}
          </Field>
        ) : null}
        {card.piece.methodId !== null && animal ? (
          <Field label={t("theMiddle")} wide>
            {(id) => (
              <Select
                id={id}
                value={middleOf(card.piece)}
                options={[
                  { value: "safe", label: t("asTheRuleWantsIt") },
                  { value: "usual", label: t("asThisAnimalUsually") },
                  ...TARGET_DONENESS.map((done) => {
                    const centreC = targetCentreC(animal.donenessGroup, done);
                    const label = `${outcomeLabel(done, animal.donenessGroup)}, ${format.temperature(centreC)}`;
                    return { value: String(centreC), label };
                  }).filter(({ value }, at, all) => all.findIndex((one) => one.value === value) === at),
                  ...(ownMiddle === null ? [] : [{ value: String(ownMiddle), label: format.temperature(ownMiddle) }]),
                ]}
                onChange={(middle: string) =>
                  piece({
                    underCooked: middle !== "safe",
                    centreC: middle === "safe" || middle === "usual" ? undefined : Number(middle),
                  })
                }
              />
            )}
          </Field>
        ) : null}
      </div>
      <div className={butter.acts}>
        {FLAGS.map(([flag, label]) => (
          <Checkbox
            key={flag}
            checked={card.piece[flag] === true}
            onChange={({ target }) => piece({ [flag]: target.checked })}
          >
            {label}
          </Checkbox>
        ))}
      </div>
      <h2 className={butter.below}>{t("underIt")}</h2>
      <div className={butter.pairs}>
        <Field label={t("sauce")} wide>
          {(id) => (
            <Select
              id={id}
              value={card.sauce?.specId ?? ""}
              options={[
                { value: "", label: t("noSauce") },
                ...sauces.map(({ specId, name }) => ({ value: specId, label: name })),
              ]}
              onChange={(specId: string) =>
                change({ sauce: specId === "" ? null : { specId, share: 1, apart: false } })
              }
            />
          )}
        </Field>
        {card.sauce ? (
          <Field label={t("apart")}>
            {(id) => (
              <Switch
                id={id}
                checked={card.sauce!.apart}
                onChange={(apart) => change({ sauce: { ...card.sauce!, apart } })}
              />
            )}
          </Field>
        ) : null}
      </div>
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
