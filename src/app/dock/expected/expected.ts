import type { Form } from "@/core/freshness";

/** An order as the dock shows it. */
export type Expected = {
  readonly id: string;
  readonly supplier: string;
  readonly speciesId: string;
  readonly name: string;
  readonly form: Form;
  readonly frozen: boolean;
  readonly massG: number;
  readonly pricePerKg: number | null;
  readonly everyWeek: boolean;
};
