import type { Form } from "@/core/freshness";

/** What an answer of the order desk makes of an order. */
export type NewOrderFacts = {
  readonly speciesId: string;
  readonly form: Form;
  readonly frozen: boolean;
  readonly massG: number;
  readonly pricePerKg: number;
};
