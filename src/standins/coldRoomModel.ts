/** A cold room as a sensor would see it: a compressor that switches, a door that opens, and the warm air that comes in. */
export type RoomState = { readonly airC: number; readonly cooling: boolean };

export type RoomSettings = {
  readonly setC: number;
  readonly kitchenC: number;
  /** Compressor switches at the set point plus and minus this, K. */
  readonly bandK: number;
  /** K per minute the compressor takes out. */
  readonly pullKPerMin: number;
  /** Share of the difference to the kitchen that leaks in per minute, door shut and door open. */
  readonly leakPerMin: { readonly shut: number; readonly open: number };
};

/** Estimates for a two-door fish refrigerator (common practice, low). */
export const USUAL_ROOM: Omit<RoomSettings, "setC"> = {
  kitchenC: 24,
  bandK: 0.8,
  pullKPerMin: 0.35,
  leakPerMin: { shut: 0.006, open: 0.06 },
};

/** The room `minutes` later, a minute or less. */
export function stepRoom({ airC, cooling }: RoomState, room: RoomSettings, doorOpen: boolean, minutes = 1): RoomState {
  const leak = room.leakPerMin[doorOpen ? "open" : "shut"] * (room.kitchenC - airC) * minutes;
  const next = airC + leak - (cooling ? room.pullKPerMin * minutes : 0);
  const switched = next > room.setC + room.bandK ? true : next < room.setC - room.bandK ? false : cooling;
  return { airC: next, cooling: switched };
}
