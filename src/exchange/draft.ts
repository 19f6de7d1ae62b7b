import type { Form, Grade } from "@/core/freshness";
import type { Provenance } from "@/core/trace";

/** One lot of a delivery as a file tells it; what no file can tell, the look and the smell, may be missing. */
export type DeliveryDraft = {
  readonly supplier: string;
  readonly speciesId: string;
  readonly form: Form;
  readonly frozen: boolean;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  /** YYYY-MM-DD */
  readonly caughtOn: string | null;
  readonly massG: number;
  readonly statedMassG: number | null;
  readonly pricePerKg: number;
  readonly receiptC: number | null;
  readonly grades: Readonly<Record<string, Grade>>;
  readonly provenance: Provenance;
};
