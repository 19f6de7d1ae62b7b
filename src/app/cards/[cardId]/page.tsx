import type { Metadata, Route } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { keyOfSaid } from "@/core/shared";
import { findPreparation } from "@/core/butter";
import { allergenLines, dishOf, lotsFor, modified, type CardSpec, type CardWorld } from "@/core/cards";
import { ALLERGEN_LISTS } from "@/core/safety";
import { cutOf } from "@/db/cards/cutOf";
import { findCard } from "@/db/cards/cardSpecs";
import { notesOf } from "@/db/cards/notes";
import { stationOf } from "@/db/butter/spots";
import { db } from "@/db/connection";
import { menuParts } from "@/house/cards/menuWords";
import { modifierOf } from "@/house/cards/modifierOf";
import { PrintButton } from "@/ui/layout/PrintButton";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { dayText, formatFor } from "@/words/format/format";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { requestTime, requireHouse } from "../../request";
import { AllergenTags } from "../AllergenTags";
import styles from "../Cards.module.css";
import { passNow } from "../cardData";
import { CARD_VIEWS } from "../subViews";
import { stovePlan } from "../stovePlan";
import { CardActs } from "./CardActs";
import { CardSteps } from "./CardSteps";
import { ComponentTable } from "./ComponentTable";
import { CostCard } from "./CostCard";
import { ForMany } from "./ForMany";
import { PlateDrawing } from "./PlateDrawing";
import { RecipeNotes } from "./RecipeNotes";

export const metadata: Metadata = { title: t("card") };

type Props = {
  readonly params: Promise<{ readonly cardId: string }>;
  readonly searchParams: Promise<{ readonly guest?: string }>;
};

const PLAIN_WISHES = ["sauce-apart", "half", "child", "cooked-through"] as const;
const WISHES: Readonly<Record<(typeof PLAIN_WISHES)[number], string>> = {
  "sauce-apart": t("sauceApart"),
  half: t("half"),
  child: t("childs"),
  "cooked-through": t("cookedThrough"),
};

/** The allergens guests ask to leave out most, by the list in force. */
const askedOut = ({ ruleSetId }: CardWorld) =>
  ALLERGEN_LISTS[ruleSetId].named.filter((id) =>
    ["milk", "gluten", "egg", "mustard", "celery", "sulphites", "crustaceans", "molluscs"].includes(id),
  );

/** Parts a guest can leave off. */
const partsOf = ({ sauce, garnishes, finish }: CardSpec, { shelf }: CardWorld) => [
  ...(sauce ? [{ id: "sauce", label: t("sauce").toLowerCase() }] : []),
  ...garnishes.map(({ preparationId: id }) => ({ id, label: (findPreparation(id)?.label ?? id).toLowerCase() })),
  ...finish.map(({ ingredientId: id }) => ({ id, label: (shelf.get(id)?.label ?? id).toLowerCase() })),
];

export default async function CardPage({ params, searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { cardId } = await params;
  const kept = findCard(db(), cardId);
  if (!kept) notFound();
  const { guest } = await searchParams;
  const { tiles, world } = passNow(db(), house, nowMs);
  const tile = tiles.find((one) => one.cardId === cardId);
  const wish = modifierOf(guest);
  const asItIs = { card: kept.spec, dish: dishOf(kept.spec, world), changes: [], cannot: null };
  const wished = wish ? modified(kept.spec, wish, world) : asItIs;
  const { plan, why, question } = await stovePlan(wished.card, world, house);
  // cooked through is only said where the stove can do it: else the dish and its advisory stay
  const { card, dish, changes, cannot } = wish?.kind === "cooked-through" && why ? { ...asItIs, cannot: why } : wished;
  const title = cannot
    ? t("notServedSo", { name: kept.spec.name })
    : tile
      ? t("canServe", { name: kept.spec.name, left: tile.left })
      : kept.spec.name;
  const first = lotsFor(card, world.lots)[0] ?? null;
  const labels = Object.fromEntries(
    dish.components.map(({ from, role, label }) => [from.kind === "preparation" ? from.preparationId : role, label]),
  );
  const link = (key: string | null, words: string) => (
    <Link
      key={key ?? "as-it-is"}
      href={(key === null ? `/cards/${cardId}` : `/cards/${cardId}?guest=${key}`) as Route}
      aria-current={(guest ?? null) === key ? "true" : undefined}
      replace
    >
      {words}
    </Link>
  );
  return (
    <div className={styles.printCard}>
      <PageHead title={title} asks={t("whatIsInItAndWhatMustBeSaid")}>
        <Link href={`/cards/write?card=${cardId}` as Route}>{t("changeIt")}</Link>
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards" />
      </div>
      <nav className={styles.guest} aria-label={t("forThisGuest")}>
        {link(null, t("asItIs"))}
        {PLAIN_WISHES.map((id) => link(id, WISHES[id]))}
        {askedOut(world).map((id) => link(`no-${id}`, t("noAllergen", { id })))}
        {partsOf(kept.spec, world).map(({ id, label }) => link(`without-${id}`, t("withoutPart", { what: label })))}
      </nav>
      <CardActs cardId={cardId} card={card} lot={first} />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          {cannot || changes.length > 0 ? (
            <section className={page.card} data-testid="changes">
              <h2>{t("forThisGuest")}</h2>
              {cannot ? <p className={page.stop}>{`${sentence(say(cannot, format))}.`}</p> : null}
              <ul>
                {changes.map((change) => (
                  <li key={`${change.code}${JSON.stringify(change.values)}`}>{`${sentence(say(change, format))}.`}</li>
                ))}
              </ul>
            </section>
          ) : null}
          <section className={page.card} data-testid="menu">
            <h2>{t("forTheMenu")}</h2>
            <p className={styles.menu}>{menuParts(dish.components).join(", ")}</p>
          </section>
          <section className={page.card} data-testid="allergens">
            <h2>{t("allergens")}</h2>
            <AllergenTags lines={allergenLines(dish.allergens, world.ruleSetId)} />
          </section>
          <section className={page.card} data-testid="said">
            <h2>{t("whatMustBeSaid")}</h2>
            <ul>
              {dish.advisories.map((one) => (
                <li key={keyOfSaid(one)}>{`${sentence(say(one, format)).replace(/\.$/, "")}.`}</li>
              ))}
            </ul>
          </section>
          <CardSteps plan={plan} why={why} plateSeconds={card.plateSeconds} format={format} />
          <ComponentTable components={dish.components} format={format} ruleSetId={world.ruleSetId} />
        </div>
        <div className={page.stack}>
          <section className={page.card}>
            <PlateDrawing
              key={`${kept.hash}${guest ?? ""}`}
              cardId={cardId}
              card={card}
              sauceG={dish.components.find(({ role }) => role === "sauce")?.massG ?? 0}
              labels={labels}
              cut={first && cutOf(db(), first.id)}
              own={!wish}
            />
          </section>
          <CostCard cost={dish.cost} priceCents={kept.spec.priceCents} money={world.money} format={format} />
          <section className={page.card}>
            <h2>{t("forTheLabel")}</h2>
            <p>
              {t("estimate", {
                kcal: Math.round(dish.energyKcal),
                salt: format.pinch(dish.saltG),
                mass: format.mass(dish.massG),
              })}
            </p>
          </section>
          <section className={page.card} data-testid="take">
            <h2>{t("takeItWithYou")}</h2>
            <p>
              <a href={`/api/export/card.json?card=${cardId}`} download>
                {t("asACardFile")}
              </a>
              {", "}
              <a href={`/api/export/recipe.jsonld?card=${cardId}`}>{t("asARecipe")}</a>
              {", "}
              <a href="/api/export/cards.csv" download>
                {t("allCardsAsCsv")}
              </a>
            </p>
          </section>
          <ForMany
            card={card}
            sauce={card.sauce ? (world.sauceOf(card.sauce.specId) ?? null) : null}
            left={tile?.left ?? 0}
            station={stationOf(db())}
            question={question}
          />
          <RecipeNotes
            cardId={cardId}
            notes={notesOf(db(), cardId).map(({ id, title, body, who, atMs }) => ({
              id,
              title,
              body,
              by: t("keptBy", { who, day: dayText(atMs, house.timeZone) }),
            }))}
          />
        </div>
      </div>
    </div>
  );
}
