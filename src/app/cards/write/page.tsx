import type { Metadata } from "next";
import { todayIn } from "@/calendar/days";
import { PLATE_SECONDS, type CardSpec } from "@/core/cards";
import { crispsSkin, openingOf } from "@/core/cooking";
import { boughtGoods } from "@/db/butter/goods";
import { sauceSpecs } from "@/db/butter/specs";
import { findCard } from "@/db/cards/cardSpecs";
import { SPECIES } from "@/core/species";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { lotInHand } from "@/db/lots/stock";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { requestTime, requireHouse } from "../../request";
import { CARD_VIEWS } from "../subViews";
import { WriteCard } from "./WriteCard";
import { MoneyForm } from "./MoneyForm";
import { OpenCard } from "./OpenCard";
import page from "@/ui/layout/page.module.css";

export const metadata: Metadata = { title: t("writeACard") };

type Props = { readonly searchParams: Promise<{ readonly card?: string; readonly lot?: string }> };

export default async function WriteCardPage({ searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { card, lot } = await searchParams;
  const kept = card === undefined ? undefined : findCard(db(), card);
  const fish = lot === undefined ? undefined : lotInHand(db(), lot, nowMs);
  const today = todayIn(house.timeZone, nowMs);
  const methodId = fish ? openingOf(fish.species, {}, 1).methodId : "skin-unturned";
  const first: CardSpec = kept?.spec ?? {
    name: fish ? t("specialOf", { fish: fish.species.name }) : "",
    piece: {
      speciesIds: fish ? [fish.species.id] : ["cod"],
      use: "cook",
      massG: fish?.species.portion.massG ?? 160,
      thicknessMm: fish?.species.portion.thicknessMm ?? 24,
      methodId,
      underCooked: false,
      crispSkin: crispsSkin(methodId),
      skewered: false,
      boneIn: false,
    },
    sauce: null,
    garnishes: [],
    finish: [],
    priceCents: null,
    plateSeconds: PLATE_SECONDS.usual,
    onlyOn: fish ? today : null,
  };
  const { vatPct, extraCents, targetPct } = house;
  return (
    <>
      <PageHead
        title={
          kept
            ? t("changeCard", { name: kept.spec.name })
            : fish
              ? t("aSpecialFromIt", { code: fish.row.code })
              : t("writeACard")
        }
        asks={t("aCardJoinsWhatIsThere")}
      />
      <SubNav views={CARD_VIEWS} here="/cards" />
      <div className={page.wideLeft}>
        <WriteCard
          key={kept?.hash ?? lot ?? "new"}
          cardId={kept?.cardId ?? null}
          first={first}
          today={today}
          sauces={sauceSpecs(db()).map(({ specId, spec }) => ({ specId, name: spec.name }))}
          own={boughtGoods(db())
            .filter(({ retired }) => !retired)
            .map(({ good }) => good)}
          fish={[...SPECIES, ...listOwnSpecies(db())].map(({ id, name, donenessGroup }) => ({
            id,
            name,
            donenessGroup,
          }))}
        />
        <div className={page.stack}>
          <MoneyForm money={{ vatPct, extraCents, targetPct }} />
          <OpenCard />
        </div>
      </div>
    </>
  );
}
