import { keyed } from "@/core/shared";
/** Where trim goes, with what it is worth against the fillet (common practice, medium) where a figure is known. */
export const TRIM_USES = keyed(
  "trim",
  [
    { id: "cakes", label: "Cakes and mousseline", worth: "30-50 % of fillet cost" },
    { id: "tartare", label: "Tartare, same day", worth: "60-100 % of fillet cost" },
    { id: "stock", label: "Stock", worth: null },
    { id: "staff", label: "Staff meal", worth: null },
    { id: "waste", label: "Waste", worth: null },
  ] as const,
  ["label", "worth"],
);

export type TrimUseId = (typeof TRIM_USES)[number]["id"];
export const TRIM_USE_IDS = ["cakes", "tartare", "stock", "staff", "waste"] as const satisfies readonly TrimUseId[];
