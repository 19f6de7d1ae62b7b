import type { Component } from "@/core/cards";

/** Not read out to a guest: seasoning and what everything has. */
const SILENT = ["salt", "sugar", "water", "grapeseed-oil", "olive-oil", "black-pepper", "white-pepper"];

/** What a menu names, in the order it is eaten: the fish, its sauce, what leans on it, what finishes it. */
export function menuParts(components: readonly Component[]): readonly string[] {
  const order = ["piece", "sauce", "garnish", "finish"];
  const named = components
    .filter(({ role, from }) => order.includes(role) && !(from.kind === "good" && SILENT.includes(from.ingredientId)))
    .sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
  const labels = [...new Set(named.map(({ label }) => label))];
  return [...new Set(labels.map((label, index) => (index === 0 ? label : spoken(label))))];
}

/** "Fennel, blanched" on a shelf is "blanched fennel" on a menu. */
function spoken(label: string): string {
  const [what = "", how, ...more] = label.split(", ");
  const words = how !== undefined && more.length === 0 ? `${how} ${lower(what)}` : lower(label);
  return words;
}

/** Names of places and people keep their capital: only a word followed by a small one, or alone, loses it. */
const lower = (words: string): string =>
  /^[A-Z][a-z]*( [a-z]|$)/.test(words) ? `${words.slice(0, 1).toLowerCase()}${words.slice(1)}` : words;
