import { batchesOfLot, batchesToCook, findBatch } from "../block/batches";
import { boardScheme, boardsSince } from "../block/boards";
import { breakdownsSince } from "../block/breakdowns";
import { cutLives } from "../block/cutLives";
import { listScales } from "../block/scales";
import { boughtGoods, goodsPrices, shelfOf, standInsOf } from "../butter/goods";
import { fryers } from "../butter/oil";
import { packsNow } from "../butter/packs";
import { preparationsNow } from "../butter/preparations";
import { liveReductions, pacesOf } from "../butter/reductions";
import { saucesNow } from "../butter/sauces";
import { sauceSpecs, saucesFor } from "../butter/specs";
import { listBurners, stationOf } from "../butter/spots";
import { bonesOnIce, runningPots, stocksNow } from "../butter/stocks";
import { bookedOn, cardCoversOn, fishBookings, offNow } from "../cards/bookings";
import { cardSpecs, findCard } from "../cards/cardSpecs";
import { changedSince } from "../cards/changes";
import { cutOf } from "../cards/cutOf";
import { doorBetween } from "../cards/doorOn";
import { notesOf as cardNotes } from "../cards/notes";
import { passCards, servedSince } from "../cards/pass";
import { loosePlates, piecesOfCook } from "../cards/plates";
import { cardWorld, madeGoodsG } from "../cards/world";
import { fileUnder, type Db } from "../connection";
import { hasKey, listKeys, subjectOfKey } from "../doors/deviceKeys";
import { hasChef, isLocked, listPeople } from "../doors/people";
import { listTablets } from "../doors/tablets";
import { adviceOnSpecies, listAdvice } from "../house/advice";
import { checksOf } from "../house/checks";
import { coversOn } from "../house/covers";
import { dayOut } from "../house/dayOut";
import { handovers } from "../house/handovers";
import { findHouse, listStaff } from "../house/house";
import { findPlace, historyOf, listPlaces, readingsSince } from "../house/places";
import { lastChecks, lastProbeCheck } from "../house/probeChecks";
import { listOwnSpecies } from "../house/species";
import { answeredBefore } from "../intentions";
import { madeLots } from "../larder/madeLots";
import { checkLedger, entriesBetween, entriesOfLot, findEntry, headOf } from "../ledger";
import { askedOnTickets } from "../line/asked";
import { closeLines } from "../line/closing";
import { isInPan, marksSince, pansOfServices, pansSince, spotsOut } from "../line/pans";
import { linePulse } from "../line/pulse";
import { listSenders } from "../line/senders";
import { findTicket, ticketsSince } from "../line/tickets";
import { alarmsOf, lotsThrough, watchHouse } from "../lots/excursions";
import { filesOfLot, findFile, isAsKept } from "../lots/files";
import { findHold, holdsOfLot, lotsInCure, openHolds } from "../lots/holds";
import { childLots, lastLotsOf, listSuppliers, lotsIn, lotsOnIce, lotsReceivedSince } from "../lots/lots";
import { expectedOn, ordersToCome } from "../lots/orders";
import { lotInHand, stockOnIce } from "../lots/stock";
import { supplierRecords } from "../lots/supplierRecord";
import { usualFigures } from "../lots/usualFigures";
import { usualPlaces } from "../lots/usualPlaces";
import { wasteSince } from "../lots/waste";
import { notesOf } from "../raw/lotNotes";
import { platesOfLot, platesSince } from "../raw/plates";
import { clearLot, parasitesOf } from "../raw/rawLots";
import { checkState } from "../seals/check";
import { cooksOfBatches, cooksSince, findCook, openCooks } from "../stove/cooks";
import { openHotHolds } from "../stove/hotHolds";
import { listProbes, readingsOf } from "../stove/probes";
import { fitOfPan } from "../stove/stationFits";
import { findSheet, listSheets } from "../stove/stationSheets";
import { binderOf } from "../trace/binder";
import { chainSince } from "../trace/chain";
import { tracePlate } from "../trace/plateTrace";
import { platesBetween } from "../trace/platesBetween";
import { recall } from "../trace/recall";
import { lotsNamed } from "../trace/search";
import { OLD_NOON_MS } from "./oldHouse.testkit";

const NOW = OLD_NOON_MS;
const DAY = "2026-01-10";
const PERIOD = { fromMs: 0, toMs: NOW, ruleSetId: "eu-853", timeZone: "Europe/Copenhagen" } as const;

/** Everything the views read, asked of a house. */
export const QUERIES: Readonly<Record<string, (db: Db) => unknown>> = {
  adviceOnSpecies: (db) => adviceOnSpecies(db, "cod"),
  alarmsOf: (db) => alarmsOf(db, watchHouse(db, "eu-853", NOW), NOW),
  answeredBefore: (db) => answeredBefore(db, { id: "r1", action: "startCook" }),
  askedOnTickets: (db) => askedOnTickets(db, NOW),
  batchesOfLot: (db) => batchesOfLot(db, "cod"),
  batchesToCook: (db) => batchesToCook(db, 0),
  binderOf: (db) => binderOf(db, PERIOD),
  boardScheme,
  boardsSince: (db) => boardsSince(db, 0, []),
  bonesOnIce: (db) => bonesOnIce(db, NOW),
  bookedOn: (db) => bookedOn(db, DAY),
  boughtGoods,
  breakdownsSince: (db) => breakdownsSince(db, 0),
  cardCoversOn: (db) => cardCoversOn(db, DAY),
  cardNotes: (db) => cardNotes(db, "card"),
  cardSpecs: (db) => cardSpecs(db, DAY),
  cardWorld: (db) => cardWorld(db, findHouse(db)!, NOW, new Set()),
  chainSince: (db) => chainSince(db, 0),
  changedSince: (db) => changedSince(db, 0),
  checkLedger,
  checkState: (db) => checkState(fileUnder(db)),
  checksOf: (db) => checksOf(db, { day: DAY, fromMs: 0, toMs: NOW, nowMin: 720 }),
  childLots: (db) => childLots(db, "cod"),
  clearLot: (db) => clearLot(db, lotInHand(db, "salmon", NOW)!, "raw", NOW),
  closeLines: (db) => closeLines(db, DAY, 0),
  cooksOfBatches: (db) => cooksOfBatches(db, ["batch"]),
  cooksSince: (db) => cooksSince(db, 0, 10),
  coversOn: (db) => coversOn(db, DAY),
  cutLives: (db) => cutLives(db, [findBatch(db, "batch")!], NOW),
  cutOf: (db) => cutOf(db, "belly"),
  dayOut: (db) => dayOut(db, 0, NOW),
  doorBetween: (db) => doorBetween(db, 0, NOW),
  entriesBetween: (db) => entriesBetween(db, 0, NOW),
  entriesOfLot: (db) => entriesOfLot(db, "cod"),
  expectedOn: (db) => expectedOn(db, DAY),
  filesOfLot: (db) => filesOfLot(db, "cod"),
  findCard: (db) => findCard(db, "card"),
  findCook: (db) => findCook(db, "cook"),
  findEntry: (db) => findEntry(db, 2),
  findHold: (db) => findHold(db, "freeze", NOW),
  findPlace: (db) => findPlace(db, "cold"),
  findSheet: (db) => findSheet(db, "sheet"),
  findTicket: (db) => findTicket(db, "ticket"),
  fishBookings: (db) => fishBookings(db, DAY),
  fitOfPan: (db) => fitOfPan(db, "steel-26"),
  fryers: (db) => fryers(db, NOW),
  goodsPrices,
  handovers: (db) => handovers(db, NOW),
  hasChef,
  hasKey: (db) => hasKey(db, "sensor", "cold"),
  headOf,
  historyOf: (db) => historyOf(db, findPlace(db, "cold")!, 0),
  holdsOfLot: (db) => ["belly", "salmon", "cod"].map((id) => holdsOfLot(db, id, NOW)),
  isAsKept: (db) => {
    // the first two releases kept no papers
    const file = findFile(db, "paper");
    return file && isAsKept(db, file);
  },
  isInPan: (db) => isInPan(db, new Set(["line"]), NOW),
  isLocked,
  lastChecks: (db) => lastChecks(db, NOW),
  lastLotsOf: (db) => lastLotsOf(db, "Landing"),
  lastProbeCheck,
  linePulse,
  listAdvice,
  listBurners,
  listKeys,
  listOwnSpecies,
  listPeople: (db) => listPeople(db, NOW),
  listPlaces,
  listProbes,
  listScales,
  listSenders,
  listSheets,
  listStaff,
  listSuppliers,
  listTablets,
  liveReductions,
  loosePlates: (db) => loosePlates(db, 0),
  lotsIn: (db) => lotsIn(db, "cold"),
  lotsInCure,
  lotsNamed: (db) => lotsNamed(db, "Q-cod"),
  lotsOnIce,
  lotsReceivedSince: (db) => lotsReceivedSince(db, 0),
  lotsThrough: (db) =>
    lotsThrough(db, "cold", { ...watchHouse(db, "eu-853", NOW)[0]!.excursions[0]!, fromMs: 0, toMs: NOW }, NOW),
  madeGoodsG: (db) => madeGoodsG(db, NOW),
  madeLots,
  marksSince: (db) => marksSince(db, 0),
  notesOf: (db) => notesOf(db, "cod"),
  offNow,
  openCooks,
  openHolds: (db) => openHolds(db, NOW),
  openHotHolds,
  ordersToCome: (db) => ordersToCome(db, DAY),
  pacesOf,
  packsNow,
  pansOfServices: (db) => pansOfServices(db, 0),
  pansSince: (db) => pansSince(db, 0),
  parasitesOf: (db) => parasitesOf(db, lotInHand(db, "belly", NOW)!, NOW),
  passCards: (db) => passCards(db, DAY, 0, NOW),
  piecesOfCook: (db) => piecesOfCook(db, "cook"),
  platesBetween: (db) => platesBetween(db, 0, NOW),
  platesOfLot: (db) => platesOfLot(db, "belly"),
  platesSince: (db) => platesSince(db, 0),
  preparationsNow,
  readingsOf: (db) => readingsOf(db, "cook"),
  readingsSince: (db) => readingsSince(db, "cold", 0),
  recall: (db) => recall(db, ["cod"], NOW),
  runningPots,
  saucesFor: (db) => saucesFor(db, "cod"),
  saucesNow,
  sauceSpecs,
  servedSince: (db) => servedSince(db, 0, NOW),
  shelfOf,
  spotsOut,
  standInsOf,
  stationOf,
  stockOnIce: (db) => stockOnIce(db, NOW),
  stocksNow,
  subjectOfKey: (db) => subjectOfKey(db, "sensor", "k-cold", NOW),
  supplierRecords: (db) => supplierRecords(db, 0),
  ticketsSince: (db) => ticketsSince(db, 0),
  tracePlate: (db) => tracePlate(db, "plate"),
  usualFigures,
  usualPlaces,
  wasteSince: (db) => wasteSince(db, 0),
  watchHouse: (db) => watchHouse(db, "eu-853", NOW),
};
