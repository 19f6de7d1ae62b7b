import type { StateCheck } from "@/core/trace";
import { t } from "@/words/trace";

/** What a check of the tables of the house found wrong. `when`: says a moment. */
export function stateWords(state: Exclude<StateCheck, { kind: "whole" }>, when: (atMs: number) => string): string {
  switch (state.kind) {
    case "unguarded":
      return t("tableIsUnguarded", { table: t("tableName", { table: state.table }) });
    case "changed": {
      const table = t("tableName", { table: state.table });
      return state.sinceMs === null
        ? t("tableWasChanged", { table })
        : t("tableWasChangedSince", { table, when: when(state.sinceMs) });
    }
    case "card":
      return t("cardIsNotItself", { name: state.name });
    case "paper":
      return t("paperIsNotItself", { name: state.name });
  }
}
