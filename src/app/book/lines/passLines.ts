import type { Told } from "@/core/trace";
import { t } from "@/words/book";
import { text, several, type SomeLines } from "./told";

const tableLine = ({ payload }: { readonly payload: Told<"course-held"> }) =>
  t("courseOfTable", { table: text(payload.table), course: payload.course ?? 0 });

const allergyLine = ({ payload }: { readonly payload: Told<"allergy-swapped"> }) =>
  t("allergyOf", {
    table: text(payload.table),
    card: text(payload.card),
    allergies: several(payload.allergies),
  });

const spotLine = ({ payload }: { readonly payload: Told<"spot-out"> }) => text(payload.spot);

export const PASS_LINES = {
  "card-note-kept": ({ payload }) => t("noteIsBesideCard", { title: text(payload.title), name: text(payload.name) }),
  "card-note-dropped": ({ payload }) => t("noteIsTakenAway", { title: text(payload.title) }),
  "ticket-opened": ({ payload }) => t("ticketSays", { table: text(payload.table), said: text(payload.said) }),
  "ticket-struck": tableLine,
  "ticket-back": tableLine,
  "course-called": tableLine,
  "course-held": tableLine,
  "course-back": tableLine,
  "course-gone": ({ payload }) => t("platesOfTable", { table: text(payload.table), covers: payload.covers ?? 0 }),
  "pan-begun": ({ payload }) => t("piecesInPan", { name: text(payload.name), count: payload.pieces ?? 0 }),
  "pan-lost": () => t("panIsLost"),
  "pan-back": () => t("aTapTakenBack"),
  "pieces-again": ({ payload }) =>
    t("piecesAgain", {
      table: text(payload.table),
      card: text(payload.card),
      count: payload.count ?? 0,
      reason: text(payload.reason),
    }),
  "allergy-swapped": allergyLine,
  "allergy-seen": allergyLine,
  "spot-out": spotLine,
  "spot-back": spotLine,
  "close-counted": ({ payload }) =>
    t("countedAtClose", {
      name: text(payload.name),
      counted: payload.counted ?? 0,
      booked: payload.booked ?? 0,
      became: text(payload.became),
    }),
  "sender-set": ({ payload }) => text(payload.name),
  "card-off": ({ payload }) => t("cardIsOff", { name: text(payload.name), reason: text(payload.reason) }),
  "card-on": ({ payload }) => t("cardIsOn", { name: text(payload.name) }),
  "card-served": ({ payload }) => t("cardServed", { name: text(payload.name), covers: payload.covers ?? 0 }),
} satisfies SomeLines;
