/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import { CHECK_LISTS } from "@/house/checks";
import { db } from "@/db/connection";
import { checksOf } from "@/db/house/checks";
import { entriesBetween } from "@/db/ledger";
import { formatFor } from "@/words/format/format";
import { t as book } from "@/words/book";
import { t } from "@/words/trace";
import { clear, draw, formLaws, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { CheckForm } from "./checks/CheckForm";
import { LedgerList } from "./LedgerList";
import { lineOf } from "./lineOf";
import { PhoneField } from "./recall/PhoneField";
import { RecallForm } from "./recall/RecallForm";

inADemoHouse();
afterEach(clear);

/** Of the demo house. */
const SUPPLIER = "Brattholm Creels";
const checks = () => checksOf(db(), { day: "2030-01-01", fromMs: 0, toMs: 1, nowMin: 0 });

formLaws({
  "a supplier's telephone": {
    form: () => <PhoneField name={SUPPLIER} />,
    fill: [[t("telephoneOf", { name: SUPPLIER }), "+00 555 01 77"]],
    press: t("writeItDown"),
    says: /555 01 77/,
  },
  "a recall drill": {
    form: () => <RecallForm asked="" whole={false} />,
    fill: [[t("whatIsRecalled"), "T-70"]],
    press: t("findAndWriteItDown"),
    says: /book/,
  },
});

test("a check of the house's own, by its hour", async () => {
  await draw("metric", <CheckForm none={false} />);
  await type(t("whatIsLookedAt"), "Ice machine emptied");
  await press(t("addTheCheck"));
  expect(checks().map(({ name }) => name)).toContain("Ice machine emptied");
});

test("the usual checks are taken with one press where there are none", async () => {
  const before = checks().length;
  await draw("metric", <CheckForm none />);
  await press(t("takeTheUsual"));
  expect(checks().length).toBeGreaterThan(before);
  expect(checks().every(({ list }) => CHECK_LISTS.includes(list))).toBe(true);
});

test("what nothing in the house is called is not recalled, and the words say so", async () => {
  await draw("metric", <RecallForm asked="" whole={false} />);
  await type(t("whatIsRecalled"), "T-999999");
  await press(t("findAndWriteItDown"));
  expect(said()).toMatch(/called/);
});

test("a folded entry of the book is a line; opened it has its seal and takes a correction", async () => {
  const [entry] = entriesBetween(db(), 0, Date.now() + 1);
  const line = lineOf(entry!, formatFor("metric", "DKK", "point"));
  await draw("metric", <LedgerList lines={[line]} />);
  const details = document.querySelector("details")!;
  expect(details.textContent).not.toContain(line.hash);
  await act(async () => {
    details.open = true;
    details.dispatchEvent(new Event("toggle"));
  });
  expect(details.textContent).toContain(line.hash);
  await press(book("correct"));
  await type(book("whatIsTrueInstead"), "It was 8.9.");
  await press(book("addTheCorrection"));
  expect(entriesBetween(db(), 0, Date.now() + 1)[0]).toMatchObject({ correctsSeq: line.seq });
});
