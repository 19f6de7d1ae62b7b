import { inSentence } from "@/core/species";
import { t } from "@/words/shell";

/** Stages that are named by a noun, by what is done to begin them; every other name says it itself ("Turn into butter"). */
const ACTS: Readonly<Record<string, "turn" | "oven" | "rest" | "steam" | "char" | "cool">> = {
  Turn: "turn",
  "Turn once": "turn",
  "Turn it through": "turn",
  Oven: "oven",
  "In the oven": "oven",
  "Oven, not turned": "oven",
  Rest: "rest",
  Steam: "steam",
  Char: "char",
  "Cool in its water": "cool",
};

/** What a hand does next, in one short line: "Turn the char ×2"; `next` null: the last stage is over. */
export const stageAct = (next: string | null, title: string): string =>
  t("stageAct", {
    act: next === null ? "serve" : (ACTS[next] ?? "other"),
    name: next ?? "",
    what: inSentence(title),
  });
