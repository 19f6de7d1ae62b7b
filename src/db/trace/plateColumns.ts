import { plates } from "../schema/cards";
import { specs } from "../schema/larder";
import { tickets } from "../schema/line";

/** What is told of every plate; its card and its ticket are joined to it. */
export const PLATE = {
  id: plates.id,
  atMs: plates.atMs,
  who: plates.who,
  state: plates.state,
  dish: specs.name,
  table: tickets.tableName,
  guest: tickets.guest,
} as const;
