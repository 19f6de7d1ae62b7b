import type { AdditionKind, SauceState } from "@/core/butter";
import { t } from "@/words/butter";

export const STATE_WORDS: Readonly<Record<SauceState, string>> = {
  holds: t("holds"),
  thin: t("thin"),
  greasy: t("splits"),
  "too-hot": t("tooHot"),
  sets: t("sets"),
  curdles: t("curdles"),
};

const ADDITIONS: Readonly<Record<AdditionKind, string>> = {
  butter: t("addButter"),
  "clarified-butter": t("addClarified"),
  cream: t("addCream"),
  "creme-fraiche": t("addCremeFraiche"),
  oil: t("addOil"),
  stock: t("addStock"),
  water: t("addWater"),
  "egg-yolk": t("addYolk"),
  mustard: t("addMustard"),
  puree: t("addPuree"),
  lecithin: t("addLecithin"),
};

export const additionLabel = (kind: AdditionKind): string => ADDITIONS[kind];
