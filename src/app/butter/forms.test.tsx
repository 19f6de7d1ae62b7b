/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { useState } from "react";
import { POTS, SIMMER_MIN } from "@/core/butter";
import { ALLERGEN_IDS } from "@/core/safety";
import { boughtGoods } from "@/db/butter/goods";
import { fryers } from "@/db/butter/oil";
import { packsNow } from "@/db/butter/packs";
import { preparationsNow } from "@/db/butter/preparations";
import { liveReductions } from "@/db/butter/reductions";
import { saucesNow } from "@/db/butter/sauces";
import { findSauce } from "@/db/butter/specs";
import { bonesOnIce, runningPots, startStock, stocksNow } from "@/db/butter/stocks";
import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { t } from "@/words/butter";
import { t as fire } from "@/words/fire";
import { t as shelf } from "@/words/shelf";
import { button, clear, draw, formLaws, press, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { BainRow } from "./BainRow";
import { GoodForm } from "./goods/GoodForm";
import { GoodPrices } from "./goods/GoodPrices";
import { PackForm } from "./goods/PackForm";
import { StartReduction, UNNAMED_PAN } from "./reduce/StartReduction";
import { SeePan } from "./SeePan";
import { Fryers } from "./shelf/Fryers";
import { PrepareShelf } from "./shelf/PrepareShelf";
import { ShelfRow } from "./shelf/ShelfRow";
import { BuyStock } from "./stock/BuyStock";
import { RunningPots } from "./stock/RunningPots";
import { WriteBench } from "./write/WriteBench";

inADemoHouse();
afterEach(clear);

const ASK = {
  parts: [{ ingredientId: "white-wine", ml: 300 }],
  toMl: 60,
  panMm: 200,
  netPowerW: 900,
};
const mounted = () => saucesNow(db()).find(({ mount }) => mount !== null)!;
const capers = () => preparationsNow(db()).find(({ preparation }) => preparation.id === "caper-butter")!;

const NamedPan = () => {
  const [pan, setPan] = useState(UNNAMED_PAN);
  return <StartReduction ask={ASK} pan={pan} onPan={setPan} />;
};

formLaws({
  "a pack comes in with its number": {
    form: () => <PackForm goods={[{ id: "butter", label: "Butter" }]} packs={[]} />,
    fill: [
      [shelf("packWeighs"), "2000", "70.548"],
      [shelf("packCost"), "19.60"],
      [shelf("packFrom"), "Tangvik Dairy"],
      [shelf("lotNumberOnIt"), "B-4491"],
    ],
    press: shelf("takeThePackIn"),
    says: /write it on the pack/,
    same: { massG: 2000 },
  },
  "a bought stock": {
    form: () => <BuyStock />,
    fill: [
      [t("whatItIsCalled"), "Fumet of the neighbour"],
      [t("howMuchCameIn"), "2000", "67.63"],
      [t("itCostTogether"), "14"],
    ],
    press: t("takeItIn"),
    says: /is kept|on ice|kept/i,
    same: { volumeMl: 2000 },
  },
  "the price of a good": {
    form: () => <GoodPrices goods={[{ id: "butter", label: "Butter", centsPerKg: 980 }]} />,
    fill: [[shelf("aKilo"), "12.50"]],
    press: shelf("setThePrice"),
    says: /Butter/,
    silent: true,
  },
  "wine to be reduced": {
    form: () => <NamedPan />,
    fill: [[t("nameOfThePan"), "Wine for two"]],
    press: t("putItOn"),
    says: /fire/,
    same: { toMl: 60 },
  },
  "a strip in the oil": {
    form: () => <Fryers fryers={fryers(db(), houseNowMs())} />,
    fill: [[shelf("stripSays"), "18.5"]],
    press: shelf("noteTheStrip"),
    says: /strip|oil/i,
    same: { polarPct: 18.5 },
  },
  "fresh oil": {
    form: () => <Fryers fryers={fryers(db(), houseNowMs())} />,
    press: shelf("oilWasChanged"),
    says: /fresh/i,
  },
  "caper butter for the shelf": {
    form: () => <PrepareShelf own={[]} ruleSetId="eu-853" />,
    fill: [[shelf("covers"), "12"]],
    press: /^(Made|Put|Make|Keep|It is made)/,
    says: /shelf|kept|made/i,
  },
  "a pot is strained": {
    form: () => {
      const bones = bonesOnIce(db(), houseNowMs()).flatMap(({ lot, whyNot }) => (whyNot === null ? [lot.row.id] : []));
      const ask = { pot: POTS[0]!, waterMl: 1300, aromaticsG: 150, netPowerW: 2200, simmerMin: SIMMER_MIN.usual };
      startStock(db(), { ...ask, bones: bones.slice(0, 1) }, { who: "Ylva", atMs: houseNowMs() });
      return <RunningPots pots={runningPots(db())} serverNowMs={houseNowMs()} />;
    },
    fill: [
      [t("cameOutMl"), "900", "30.43"],
      [t("iceInTheBath"), "1200", "42.33"],
    ],
    press: t("strainedAndChilled"),
    says: /kept|strained|pot/i,
    same: { yieldMl: 900, iceG: 1200 },
  },
  "caper butter is taken out": {
    form: () => shelfRow(),
    first: [shelf("takeOrThrow")],
    fill: [[shelf("takePortions"), "1"]],
    press: shelf("takeItOut"),
    says: /left/i,
    same: { massG: 20 },
  },
  "more is asked for under so many portions": {
    form: () => shelfRow(),
    first: [shelf("takeOrThrow")],
    fill: [[shelf("askAtPortions"), "6"]],
    press: shelf("setIt"),
    says: new RegExp(shelf("itWillAsk")),
    silent: true,
  },
  "what is left in the bain is poured away": {
    form: () => bain(),
    first: [t("close")],
    fill: [[t("leftAndPouredAway"), "50", "1.764"]],
    press: t("pourItAway"),
    says: /poured/i,
    same: { massG: 50 },
    once: true,
  },
  "a pan on the fire is measured": {
    form: () => fireRow(false),
    first: [fire("measureIt")],
    fill: [[fire("itStandsDeep"), "6", "0.236"]],
    press: fire("setTheClockByIt"),
    says: new RegExp(fire("theClockFollowsIt")),
    silent: true,
  },
  "a sauce of the house is written": {
    form: () => (
      <WriteBench specId={null} familyId={null} spec={findSauce(db(), "beurre-blanc")!.spec} own={[]} fish={[]} />
    ),
    fill: [
      [shelf("nameOfTheSauce"), "Beurre blanc of the house"],
      [shelf("baseKeepsDays"), "2"],
    ],
    press: /^(Keep|From)/,
    says: /kept|Beurre blanc of the house/,
  },
});

function shelfRow() {
  const { preparation, lots, leftG, portions, par, low } = capers();
  return (
    <ShelfRow
      preparationId={preparation.id}
      name={preparation.label}
      portionG={preparation.portionG}
      leftG={leftG}
      portions={portions}
      par={par}
      low={low}
      lots={lots.map(({ id, code, remainingG }) => ({ id, code, remainingG, useBy: null, over: false }))}
    />
  );
}

function bain() {
  const { lot, mount } = mounted();
  return (
    <BainRow
      sauce={
        {
          lotId: lot.id,
          code: lot.code,
          spec: findSauce(db(), "beurre-blanc")!.spec,
          remainingG: lot.remainingG,
          mount,
        } as never
      }
      status={{ state: "holds", splitsInMin: 40, rescue: null, outAtMs: null, over: false, minutes: 10 } as never}
      nowMs={houseNowMs()}
      timeZone="Europe/Copenhagen"
    />
  );
}

function fireRow(weighed: boolean) {
  const { id } = liveReductions(db())[0]!;
  return <SeePan id={id} weighed={weighed} over={false} expects={{ weighedG: 1800, levelMm: 8 }} />;
}

test("a good is only kept when its label adds up, and what nobody read is not known", async () => {
  await draw("metric", <GoodForm />);
  await type(shelf("whatItIs"), "Cream of the farm");
  await type(shelf("per100", { what: shelf("fat") }), "90");
  await type(shelf("per100", { what: shelf("protein") }), "60");
  expect(button(shelf("putItOnTheShelf")).disabled).toBe(true);
  await type(shelf("per100", { what: shelf("fat") }), "36");
  await type(shelf("per100", { what: shelf("protein") }), "2.1");
  await press(shelf("putItOnTheShelf"));
  const kept = boughtGoods(db()).find(({ good }) => good.label === "Cream of the farm")!;
  expect(kept.good).toMatchObject({ fatPct: 36, proteinPct: 2.1 });
  expect(ALLERGEN_IDS.filter((id) => kept.good.allergens.includes(id))).toEqual([]);
});

test("a pack that is taken in is on the shelf with its number", async () => {
  expect(packsNow(db()).filter(({ supplierLot }) => supplierLot === "B-4491")).toHaveLength(2);
  expect(stocksNow(db()).some(({ name }) => name === "Fumet of the neighbour")).toBe(true);
});
