import { t } from "@/words/ui";
/** The views of the working day that exist; their numbers are their places in the whole day and stay when others join. */
export const VIEWS = [
  { key: "0", id: "today", href: "/", label: t("today"), asks: t("whatNow") },
  { key: "1", id: "dock", href: "/dock", label: t("dock"), asks: t("isItGoodMayIKeep") },
  { key: "2", id: "ice", href: "/ice", label: t("ice"), asks: t("whatDoIUseFirst") },
  { key: "3", id: "block", href: "/block", label: t("block"), asks: t("howDoIBreakItDown") },
  { key: "4", id: "raw", href: "/raw", label: t("raw2"), asks: t("mayIServeThisRaw") },
  { key: "5", id: "stove", href: "/stove", label: t("stove"), asks: t("howDoICookThisPiece") },
  { key: "6", id: "butter", href: "/butter", label: t("butter"), asks: t("howMuchHowLongWillItHold") },
  { key: "7", id: "cards", href: "/cards", label: t("cards"), asks: t("whatCanIServeAndWhatIsInIt") },
  { key: "8", id: "line", href: "/line", label: t("line"), asks: t("whatDoIStartNow") },
  { key: "9", id: "book", href: "/book", label: t("book"), asks: t("proveIt") },
] as const;

export type ViewId = (typeof VIEWS)[number]["id"];
