import type { BoardColour } from "@/core/block";
/** A fish counter in morning light. Text variants are darkened until they read at 4.5:1 on ice and on white. */
export const PALETTE = {
  ice: "#F4F7F6",
  surface: "#FFFFFF",
  ink: "#10242B",
  muted: "#4C626A",
  slate: "#17343D",
  roe: "#E2572B",
  roeText: "#C3401A",
  brine: "#1D7F86",
  brineText: "#176A70",
  kelp: "#46702F",
  iodine: "#B7791F",
  iodineText: "#855510",
  stop: "#B3261E",
  edge: "#B9C7C8",
  hairline: "#DBE4E3",
  groove: "#E3EBEA",
  wash: "#E8F1F0",
  kelpWash: "#EDF3E5",
  kelpEdge: "#A9BF97",
  iodineWash: "#F7F4E9",
  iodineEdge: "#DEC790",
  stopWash: "#F8EAE7",
  stopEdge: "#D9988D",
  brineEdge: "#93B9BA",
} as const;

/** Raw, just set and opaque flesh, by the colour of the fish. */
export const FLESH: Readonly<
  Record<"pink" | "white" | "red", readonly [raw: string, setting: string, opaque: string]>
> = {
  pink: ["#E9B7A0", "#F0CDBB", "#FBEFE6"],
  white: ["#C9D6D2", "#E2E6DE", "#FAF8F1"],
  red: ["#A8323A", "#C98278", "#E6D3C4"],
};

/** What opaque flesh turns to as its juice leaves it. */
export const DRY_FLESH = "#D9BE8F";

/** Boards as they are sold. */
export const BOARD_COLOURS: Readonly<Record<BoardColour, string>> = {
  blue: "#2F6DB5",
  teal: "#1D7F86",
  white: "#F4F7F6",
  yellow: "#D9A514",
  green: "#4F7A3A",
  red: "#B3261E",
  brown: "#7A4B2A",
  purple: "#6A4C93",
};
