import { findSpecies } from "@/core/species";
import { saucesNow } from "@/db/butter/sauces";
import { FAMILIES } from "@/core/butter";
import { boughtGoods } from "@/db/butter/goods";
import { preparationsNow } from "@/db/butter/preparations";
import { liveReductions } from "@/db/butter/reductions";
import { bonesOnIce, runningPots, stocksNow } from "@/db/butter/stocks";
import { DEMO_CARDS } from "@/demo/data/cards";
import { writeCardFile } from "@/house/cards/cardFile";
import { BOUGHT_GOOD } from "@/demo/data/sauces";
import { db } from "@/db/connection";
import { listKeys } from "@/db/doors/deviceKeys";
import { batchesToCook } from "@/db/block/batches";
import { listPlaces } from "@/db/house/places";
import { houseNowMs } from "@/db/houseClock";
import { checkLedger, entriesBetween } from "@/db/ledger";
import { lotsOnIce } from "@/db/lots/lots";
import { expectedOn } from "@/db/lots/orders";
import { shiftDay, todayIn } from "@/calendar/days";
import { findHouse } from "@/db/house/house";
import { openHolds } from "@/db/lots/holds";

import { firstAsk } from "@/house/stove/firstAsk";
import { actionLaws, type Row } from "./testkit/actionLaws.testkit";
import { inADemoHouse, request } from "./testkit/inTheHouse.testkit";
import { goByTheMachine, sayCurrency, sayDecimalMark } from "./actions";
import { cutSides } from "./block/[lotId]/actions";
import { takeApart } from "./block/[lotId]/apart/actions";
import { addScale, chooseBoard, noteWash } from "./block/boards/actions";
import { keepPreparation } from "./block/prepare/actions";
import { didNotCome, keepDelivery, orderIt, stopOrder } from "./dock/actions";
import { enterAdvice, importAdvice } from "./dock/advice/actions";
import { addSpecies } from "./dock/species/actions";
import {
  beginHold,
  endHold,
  moveTo,
  noteHoldReading,
  openThawingPack,
  openThePack,
  splitOff,
  takeOffIce,
  throwAway,
} from "./ice/[lotId]/actions";
import {
  answerTheExcursion,
  checkProbe,
  makeDeviceKey,
  takeReadings,
  savePlace,
  typeReading,
} from "./ice/places/actions";
import { planTheCovers } from "./ice/tomorrow/actions";
import { endTheKey, sayHostNames } from "./house/actions";
import {
  buyAStock,
  mountTheSauce,
  pourAway,
  prepareBase,
  printTheLabel,
  readCoolingPot,
  startPot,
  strainPot,
} from "./butter/actions";
import { putReductionOn, seePan, takeReductionOff } from "./butter/fireActions";
import { keepBoughtGood, setPrice, takeGoodOff, cookWith } from "./butter/goods/actions";
import { askForMoreUnder, dipStrip, freshOil, makeForTheShelf, takeFromShelf } from "./butter/shelf/actions";
import { keepSauce } from "./butter/write/actions";
import { keepNote, notesOf } from "@/db/cards/notes";
import {
  book,
  dropRecipeNote,
  keepRecipeNote,
  keepTheCard,
  openForeignCard,
  placeOnPlate,
  sayMoney,
  sayServiceHour,
  serve,
  strike,
} from "./cards/actions";
import { sayGuests } from "./raw/actions";
import { noteLot, notePapers, serveRaw } from "./raw/[lotId]/actions";
import { beginFreezing } from "./raw/freeze/actions";
import { beginCook } from "./stove/actions";
import { keepWrittenSteps } from "./stove/bench/actions";
import { endHolding, noteHolding, startHolding } from "./stove/hold/actions";
import { importTrace, learnPan } from "./stove/learned/actions";
import { addProbe, moveProbe } from "./stove/live/actions";
import { keepStationSheet } from "./stove/sheets/actions";

jest.mock("@/server/pool", () => jest.requireActual("./testkit/inTheHouse.testkit").pool);

inADemoHouse();

const nowMs = () => houseNowMs();
const lot = (speciesId?: string) =>
  lotsOnIce(db()).find(
    (one) =>
      (speciesId === undefined || one.speciesId === speciesId) && one.remainingG > 300 && one.form !== "by-product",
  )!;
const lotId = (speciesId?: string) => lot(speciesId).id;
const place = (kind?: string) => listPlaces(db()).find((one) => one.kind === kind) ?? listPlaces(db())[0]!;
const cookIds = () => entriesBetween(db(), 0, nowMs() + 3_600_000).flatMap(({ cookId }) => (cookId ? [cookId] : []));
const char = () => findSpecies("arctic-char")!;
const batchId = () => batchesToCook(db(), 0)[0]!.id;
const noteId = () => {
  keepNote(db(), "cod", { title: "Cod of a friend", body: "" }, { who: "Ylva", atMs: Date.now() });
  return notesOf(db(), "cod")[0]!.id;
};
const gone = "no-such-thing";
const pot = { waterMl: 1300, aromaticsG: 150, potId: "4l", netPowerW: 2200, simmerMin: 22 } as const;
const bonesFor = (good: boolean) =>
  bonesOnIce(db(), nowMs()).flatMap(({ lot: { id }, whyNot }) => ((whyNot === null) === good ? [id] : []));
const bain = {
  specId: "beurre-blanc",
  covers: 2,
  panMm: 200,
  netPowerW: 900,
  servedC: 52,
  surfaceMm: 200,
  lid: true,
} as const;
const fire = {
  name: "Wine",
  parts: [{ ingredientId: "white-wine", ml: 300 }],
  toMl: 60,
  panMm: 200,
  netPowerW: 900,
  panG: null,
} as const;
const sauceOfMine = { ...FAMILIES[0]!.spec, name: "Mine", goesWith: ["cod"], light: false };
const capers = () => preparationsNow(db()).find(({ preparation }) => preparation.id === "caper-butter")!.lots[0]!.id;
const baseOf = (specId: string) => saucesNow(db()).find((one) => one.specId === specId && !one.mount)!.lot.id;
let holdId = "";
let hotHoldId = "";

const delivery = (placeId: string) => ({
  supplier: "Brinna",
  lots: [
    {
      speciesId: "cod",
      form: "fillet",
      frozen: false,
      production: "wild",
      area: "27",
      gear: "longline",
      source: "Havsvala",
      caughtOn: null,
      massG: 2000,
      statedMassG: null,
      pricePerKg: 14,
      receiptC: 1,
      grades: { smell: 0, flesh: 0, surface: 0, gaping: 0, colour: 0, drip: 0, texture: 0 },
      provenance: {},
      placeId,
    },
  ],
});
const order = (day: string) => ({
  supplier: "Brinna",
  speciesId: "cod",
  form: "fillet",
  frozen: false,
  massG: 3000,
  pricePerKg: 14,
  day,
  everyWeek: false,
});
const orderId = () => expectedOn(db(), todayIn(findHouse(db())!.timeZone, nowMs()))[0]!.id;
const side = {
  lengthMm: 400,
  massG: 250,
  profile: [0, 200, 400].map((atMm) => ({ atMm, thicknessMm: 20, widthMm: 80 })),
};
const cut = (id: string) => ({
  lotId: id,
  sides: [side],
  portionG: 100,
  toleranceG: 20,
  minPieceMm: 20,
  covers: null,
  preference: "even",
  leanDeg: 0,
  tails: "as-cut",
  trimUse: "waste",
});

/** In this order: some rows make what later ones ask for. */
const ROWS: Readonly<Record<string, Row>> = {
  orderIt: {
    action: orderIt,
    good: () => order(shiftDay(todayIn(findHouse(db())!.timeZone, nowMs()), 1)),
    refused: [() => order("2020-01-01"), /day is over/],
  },
  didNotCome: {
    action: didNotCome,
    good: () => ({ orderId: orderId() }),
    refused: [() => ({ orderId: gone }), /does not stand/],
  },
  stopOrder: {
    action: stopOrder,
    good: () => ({ orderId: orderId() }),
    refused: [() => ({ orderId: gone }), /does not stand/],
  },
  keepDelivery: {
    action: keepDelivery,
    good: () => delivery(place("walk-in").id),
    refused: [() => delivery(gone), /where it goes/i],
  },
  enterAdvice: {
    action: enterAdvice,
    good: () => ({
      speciesId: "cod",
      production: null,
      area: "",
      gear: "",
      body: "Sound Sea",
      rating: "acceptable",
      issuedOn: "2026-05-01",
    }),
    refused: [
      () => ({
        speciesId: gone,
        production: null,
        area: "",
        gear: "",
        body: "Sound Sea",
        rating: "best",
        issuedOn: "2026-05-01",
      }),
      /not in the table/,
    ],
  },
  importAdvice: { action: importAdvice, good: () => ({ text: "nothing,known\n", goodOnly: false }), silent: true },
  addSpecies: {
    action: addSpecies,
    good: () => ({
      name: "Brosk",
      scientificName: "Brosme brosme",
      family: "Lotidae",
      names: "sv:lubb",
      likeId: "ling",
      iceLifeDays: 12,
      skinlessPct: 40,
      histamineFormer: "no",
      rawUse: "none",
    }),
    refused: [
      () => ({
        name: "Brosk",
        scientificName: "Brosme brosme",
        family: "Lotidae",
        names: "",
        likeId: "ling",
        iceLifeDays: 12,
        skinlessPct: 40,
        histamineFormer: "no",
        rawUse: "none",
      }),
      /there already/,
    ],
  },
  savePlace: {
    action: savePlace,
    good: () => ({ id: null, name: "Third drawer", kind: "drawer", setC: 1, minC: null, maxC: null, everyMin: 240 }),
    refused: [
      () => ({ id: null, name: "Fourth", kind: "drawer", setC: 1, minC: 4, maxC: 2, everyMin: 240 }),
      /below the upper/,
    ],
  },
  typeReading: {
    action: typeReading,
    good: () => ({ placeId: place().id, celsius: 1.5 }),
    refused: [() => ({ placeId: gone, celsius: 1 }), /not in the house/],
  },
  checkProbe: { action: checkProbe, good: () => ({ probe: "Red", celsius: 0.2 }) },
  takeReadings: {
    action: takeReadings,
    good: () => ({
      placeId: place().id,
      atMs: [Date.UTC(2026, 0, 5, 10), Date.UTC(2026, 0, 5, 11)],
      celsius: [1, 1.2],
    }),
    refused: [() => ({ placeId: place().id, atMs: [Date.UTC(2126, 0, 5, 10)], celsius: [1] }), /ahead of now/],
  },
  sayHostNames: {
    action: sayHostNames,
    good: () => ({ names: ["Gaffel.lan"] }),
    refused: [() => ({ names: ["no name"] }), /gaffel\.lan/],
  },
  endTheKey: {
    action: endTheKey,
    good: () => ({ keyId: listKeys(db())[0]!.id }),
    refused: [() => ({ keyId: gone }), /ended already/],
  },
  answerTheExcursion: {
    action: answerTheExcursion,
    good: () => null,
    refused: [
      () => ({ placeId: place().id, excursionFromMs: 1, act: { kind: "said" }, words: "shut the door" }),
      /not outside/,
    ],
  },
  makeDeviceKey: {
    action: makeDeviceKey,
    good: () => ({ placeId: place().id }),
    refused: [() => ({ placeId: gone }), /not in the house/],
    secret: true,
  },
  planTheCovers: {
    action: planTheCovers,
    good: () => ({ day: "2026-05-14", speciesId: "cod", use: "cook", covers: 20, portionG: 160 }),
    refused: [
      () => ({ day: "2026-05-14", speciesId: gone, use: "cook", covers: 2, portionG: 160 }),
      /not in the table/,
    ],
  },
  splitOff: {
    action: splitOff,
    good: () => ({ lotId: lotId("cod"), massG: 200, form: "fillet", placeId: place().id, note: "staff" }),
    refused: [
      () => ({ lotId: lotId("cod"), massG: 900_000, form: "fillet", placeId: place().id, note: "" }),
      /are left/,
    ],
  },
  throwAway: {
    action: throwAway,
    good: () => ({ lotId: lotId("cod"), massG: 50, reason: "dropped" }),
    refused: [() => ({ lotId: gone, massG: 50, reason: "dropped" }), /not on ice/],
  },
  moveTo: {
    action: moveTo,
    good: () => {
      const one = lot("cod");
      return {
        lotId: one.id,
        placeId: listPlaces(db()).find(({ id, kind }) => id !== one.placeId && kind !== "freezer")!.id,
      };
    },
    refused: [() => ({ lotId: lotId("cod"), placeId: gone }), /not in the house/],
  },
  openThePack: {
    action: openThePack,
    good: () => null,
    refused: [() => ({ lotId: gone, openDays: null }), /open already, or gone/],
  },
  beginHold: {
    action: beginHold,
    good: () => ({ kind: "thaw", lotId: lotId("cod"), plannedH: 10, vacuumPack: true, way: "refrigerator" }),
    refused: [() => ({ kind: "cure", lotId: gone, plannedH: 10, note: "" }), /not in the house/],
  },
  openThawingPack: {
    action: openThawingPack,
    good: () => ({ holdId: openHolds(db(), nowMs()).find(({ hold }) => hold.kind === "thaw" && !hold.packOpened)!.id }),
    refused: [() => ({ holdId: gone }), /not waiting/],
  },
  beginFreezing: {
    action: beginFreezing,
    good: () => ({
      lotId: lotId("cod"),
      reachH: 4,
      reachC: -20,
      pack: { shape: "slab", thicknessMm: 25, layers: 1, wrap: "bag", freezer: "blast", startC: 2 },
    }),
    refused: [
      () => ({
        lotId: gone,
        reachH: 4,
        reachC: -20,
        pack: { shape: "slab", thicknessMm: 25, layers: 1, wrap: "bag", freezer: "blast", startC: 2 },
      }),
      /not on ice/,
    ],
  },
  noteHoldReading: {
    action: noteHoldReading,
    good: () => {
      holdId = openHolds(db(), nowMs()).find(({ hold }) => hold.kind === "parasite" && hold.expected)!.id;
      return { holdId, celsius: -21 };
    },
    refused: [() => ({ holdId: gone, celsius: -21 }), /not in the house/],
  },
  endHold: { action: endHold, good: () => ({ holdId }), refused: [() => ({ holdId }), /closed already/] },
  cutSides: {
    action: cutSides,
    good: () => cut(lotId("cod")),
    refused: [() => ({ ...cut(lotId("cod")), sides: [{ ...side, massG: 90_000 }] }), /./],
  },
  takeApart: {
    action: takeApart,
    good: () => null,
    refused: [
      () => ({ lotId: gone, wayId: "any", wholeG: 100, parts: [{ partId: "a", massG: 1, use: "stock", placeId: "" }] }),
      /./,
    ],
  },
  prepareBase: {
    action: prepareBase,
    good: () => ({ specId: "beurre-blanc", covers: 8, panMm: 200, netPowerW: 900 }),
    refused: [() => ({ specId: gone, covers: 8, panMm: 200, netPowerW: 900 }), /not in the house/],
  },
  mountTheSauce: {
    action: mountTheSauce,
    good: () => ({ ...bain, baseLotId: baseOf("beurre-blanc") }),
    refused: [() => ({ ...bain, covers: 150, baseLotId: baseOf("beurre-blanc") }), /fewer covers, or make more/],
  },
  startPot: {
    action: startPot,
    good: () => ({ ...pot, bones: bonesFor(true) }),
    refused: [() => ({ ...pot, bones: bonesFor(false).slice(0, 1) }), /histamine|fat|hold|door|ciguatera|old/],
  },
  strainPot: {
    action: strainPot,
    good: () => ({ makeId: runningPots(db())[0]!.id, iceG: 1200, stirred: true, yieldMl: 1000 }),
    refused: [() => ({ makeId: gone, iceG: 1, stirred: true, yieldMl: 1 }), /gone already/],
  },
  pourAway: {
    action: pourAway,
    good: () => ({ lotId: saucesNow(db()).find(({ mount }) => mount)!.lot.id, massG: 100 }),
    refused: [() => ({ lotId: gone, massG: 1 }), /gone already/],
  },
  putReductionOn: { action: putReductionOn, good: () => fire, refused: [() => ({ ...fire, toMl: 900 }), /so far/] },
  seePan: {
    action: seePan,
    good: () => ({ id: liveReductions(db()).find(({ facts }) => facts.panG === null)!.id, seen: { levelMm: 14 } }),
    refused: [() => ({ id: gone, seen: { levelMm: 14 } }), /off the fire/],
  },
  takeReductionOff: {
    action: takeReductionOff,
    good: () => ({ id: liveReductions(db())[0]!.id, as: "done" }),
    refused: [() => ({ id: gone, as: "done" }), /off the fire/],
  },
  buyAStock: {
    action: buyAStock,
    good: () => ({ name: "Stock", volumeMl: 2000, cents: 900, days: 4, contains: ["fish"], wholeLabelRead: false }),
  },
  readCoolingPot: {
    action: readCoolingPot,
    good: () => ({ lotId: stocksNow(db())[0]!.lot.id, celsius: 4 }),
    refused: [() => ({ lotId: gone, celsius: 4 }), /gone already/],
  },
  printTheLabel: {
    action: printTheLabel,
    good: () => ({ lotId: capers() }),
    refused: [() => ({ lotId: gone }), /gone already/],
  },
  keepBoughtGood: {
    action: keepBoughtGood,
    good: () => ({ ...BOUGHT_GOOD, label: "Another butter", centsPerKg: 900 }),
    refused: [() => ({ ...BOUGHT_GOOD, fatPct: 99, centsPerKg: null }), /come to/],
  },
  cookWith: {
    action: cookWith,
    good: () => ({ id: boughtGoods(db()).find(({ retired }) => !retired)!.good.id, standsFor: "butter" }),
    refused: [() => ({ id: gone, standsFor: "butter" }), /not on the shelf/],
  },
  takeGoodOff: {
    action: takeGoodOff,
    good: () => ({ id: boughtGoods(db()).find(({ retired }) => !retired)!.good.id }),
    refused: [() => ({ id: gone }), /not on the shelf/],
  },
  setPrice: {
    action: setPrice,
    good: () => ({ ingredientId: "cream", centsPerKg: 430 }),
    refused: [() => ({ ingredientId: gone, centsPerKg: 430 }), /not on the shelf/],
    silent: true,
  },
  makeForTheShelf: {
    action: makeForTheShelf,
    good: () => ({ preparationId: "garlic-oil", covers: 10, frozen: false }),
    refused: [() => ({ preparationId: "rice", covers: 10, frozen: true }), /frozen/],
  },
  takeFromShelf: {
    action: takeFromShelf,
    good: () => ({ lotId: capers(), massG: 20 }),
    refused: [() => ({ lotId: capers(), massG: 9000 }), /less than that/i],
  },
  askForMoreUnder: {
    action: askForMoreUnder,
    good: () => ({ preparationId: "caper-butter", par: 4 }),
    silent: true,
  },
  dipStrip: {
    action: dipStrip,
    good: () => ({ fryerId: "fryer", polarPct: 25 }),
    refused: [() => ({ fryerId: gone, polarPct: 25 }), /not in the house/],
  },
  freshOil: {
    action: freshOil,
    good: () => ({ fryerId: "fryer" }),
    refused: [() => ({ fryerId: gone }), /not in the house/],
  },
  keepSauce: {
    action: keepSauce,
    good: () => ({ ...sauceOfMine, specId: null }),
    refused: [() => ({ ...sauceOfMine, specId: null, reduceToMl: 40_000 }), /only/],
  },
  book: {
    action: book,
    good: () => ({ cardId: "monkfish", covers: 6 }),
    refused: [() => ({ cardId: gone, covers: 6 }), /not in the house/],
  },
  serve: {
    action: serve,
    good: () => ({ cardId: "char", covers: 2 }),
    refused: [() => ({ cardId: gone, covers: 1 }), /not in the house/],
  },
  strike: {
    action: strike,
    good: () => ({ cardId: "cuttlefish", reason: "no delivery" }),
    refused: [() => ({ cardId: "char", reason: null }), /so already/],
  },
  keepTheCard: {
    action: keepTheCard,
    good: () => ({ cardId: null, card: { ...DEMO_CARDS["char"]!, name: "Char of the day" } }),
    refused: [() => ({ cardId: gone, card: DEMO_CARDS["char"]! }), /not in the house/],
  },
  openForeignCard: {
    action: openForeignCard,
    good: () => ({ text: JSON.stringify(writeCardFile(DEMO_CARDS["char"]!, null, [])) }),
    refused: [() => ({ text: '{"format":"gaffel-card"}' }), /stops at/],
  },
  placeOnPlate: {
    action: placeOnPlate,
    good: () => ({ cardId: "char", layout: [{ part: "piece", xMm: 20, yMm: -10 }] }),
    refused: [() => ({ cardId: gone, layout: [] }), /not in the house/],
  },
  sayServiceHour: { action: sayServiceHour, good: () => ({ serviceMin: 1140 }) },
  keepRecipeNote: {
    action: keepRecipeNote,
    good: () => ({ cardId: "char", text: JSON.stringify({ "@type": "Recipe", name: "Char of a friend" }) }),
    refused: [() => ({ cardId: "char", text: '{"@type":"Person"}' }), /no recipe/],
  },
  dropRecipeNote: {
    action: dropRecipeNote,
    good: () => ({ noteId: noteId() }),
    refused: [() => ({ noteId: gone }), /gone/],
  },
  sayMoney: { action: sayMoney, good: () => ({ vatPct: 20, extraCents: 50, targetPct: 28 }) },
  chooseBoard: { action: chooseBoard, good: () => ({ use: "raw-fish", colour: "blue" }) },
  noteWash: { action: noteWash, good: () => ({ colour: "blue" }) },
  addScale: { action: addScale, good: () => ({ name: "Block scale two" }), secret: true },
  keepPreparation: {
    action: keepPreparation,
    good: () => ({ batchId: batchId(), steps: [{ kind: "dried", minutes: 20 }] }),
    refused: [() => ({ batchId: gone, steps: [] }), /./],
  },
  noteLot: {
    action: noteLot,
    good: () => ({ lotId: lotId("cod"), kind: "probed", amount: 2, outOf: null }),
    refused: [() => ({ lotId: gone, kind: "probed", amount: 2, outOf: null }), /not on ice/],
  },
  notePapers: {
    action: notePapers,
    good: () => ({ lotId: lotId("cod"), papers: { supplierLot: "B-77" } }),
    refused: [() => ({ lotId: gone, papers: { supplierLot: "B-77" } }), /not on ice/],
  },
  serveRaw: {
    action: serveRaw,
    good: () => null,
    refused: [() => ({ lotId: gone, dish: "raw", covers: 2, gramsPerCover: 40, usedG: 80 }), /not on ice/],
  },
  sayGuests: { action: sayGuests, good: () => ({ susceptibleGuests: false }), silent: true },
  beginCook: {
    action: beginCook,
    good: () => ({ source: { kind: "batch", batchId: batchId() }, ask: firstAsk(char(), {}, 1) }),
    refused: [() => ({ source: { kind: "batch", batchId: gone }, ask: firstAsk(char(), {}, 1) }), /not in the house/],
  },
  beginLooseCook: {
    action: beginCook,
    good: () => ({
      source: { kind: "none", speciesId: "arctic-char", pieceG: 150 },
      ask: firstAsk(char(), {}, 1),
      panName: "left front",
    }),
    refused: [
      () => ({ source: { kind: "none", speciesId: gone, pieceG: 150 }, ask: firstAsk(char(), {}, 1) }),
      /not in the table/,
    ],
  },
  keepStationSheet: {
    action: keepStationSheet,
    good: () => ({
      speciesId: "arctic-char",
      pieceG: 150,
      ask: firstAsk(char(), {}, 1),
      range: { from: 20, to: 22, step: 2 },
    }),
    refused: [
      () => ({ speciesId: gone, pieceG: 150, ask: firstAsk(char(), {}, 1), range: { from: 20, to: 22, step: 2 } }),
      /not in the table/,
    ],
  },
  keepWrittenSteps: {
    action: keepWrittenSteps,
    good: () => ({ speciesId: "cod", methodId: "steam", steps: ["First heating: 4 min."] }),
    refused: [() => ({ speciesId: gone, methodId: "steam", steps: ["First."] }), /not in the table/],
  },
  startHolding: {
    action: startHolding,
    good: () => ({ cookId: null, title: "Cod", wayId: "moist", fromC: 64, usedMin: 0 }),
    refused: [() => ({ cookId: gone, title: "Cod", wayId: "moist", fromC: 64, usedMin: 0 }), /not in the house/],
  },
  noteHolding: {
    action: noteHolding,
    good: () => ({ holdId: hotHoldId, celsius: 62 }),
    refused: [() => ({ holdId: gone, celsius: 62 }), /not in the house/],
  },
  endHolding: {
    action: endHolding,
    good: () => ({ holdId: hotHoldId, as: "served" }),
    refused: [() => ({ holdId: hotHoldId, as: "served" }), /over already/],
  },
  importTrace: {
    action: importTrace,
    good: () => ({ cookId: cookIds()[0]!, text: "seconds;C\n0;8\n60;12\n" }),
    refused: [() => ({ cookId: gone, text: "0;8" }), /not in the house/],
    silent: true,
  },
  learnPan: {
    action: learnPan,
    good: () => ({ panId: "steel-26", cookIds: [] }),
    refused: [() => ({ panId: "steel-26", cookIds: [gone] }), /probed/],
  },
  addProbe: { action: addProbe, good: () => ({ name: "Probe nine" }), secret: true },
  moveProbe: {
    action: moveProbe,
    good: () => null,
    refused: [() => ({ probeId: gone, cookId: null }), /not in the house/],
  },
  takeOffIce: {
    action: takeOffIce,
    good: () => ({ lotId: lotId("cod"), reason: "used up" }),
    refused: [() => ({ lotId: gone, reason: "used up" }), /not on ice/],
  },
  sayCurrency: { action: sayCurrency, good: () => ({ currency: "EUR" }) },
  sayDecimalMark: { action: sayDecimalMark, good: () => ({ decimalMark: "point" }) },
  goByTheMachine: { action: goByTheMachine, good: () => ({}) },
};

actionLaws(ROWS, request, ["endHold", "endHolding", "addSpecies"], (name, answer) => {
  if (name === "startHolding" && answer.ok) hotHoldId = String(answer.value);
});

test("after all of it the book is whole", () => {
  expect(checkLedger(db()).kind).toBe("whole");
});
