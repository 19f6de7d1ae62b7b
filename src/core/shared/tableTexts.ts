/**
 * Texts of the data tables in another language than English, by key: the table, the row's id and the field ("species.cod.kitchenNote").
 * English stands in the tables themselves; `npm run -s words` prints every key with it.
 */
export const TABLE_TEXTS: TableTexts = {};

export type TableTexts = Readonly<Record<string, string>>;
