import { clamp } from "@/core/numeric";
import { DRY_FLESH, FLESH } from "../theme/palette";

type Rgb = readonly [number, number, number];
const channel = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
const parse = (hex: string): Rgb => [channel(hex, 1), channel(hex, 3), channel(hex, 5)];

/** Raw, half set and opaque, ready to be mixed. */
export const fleshStops = (flesh: keyof typeof FLESH): readonly Rgb[] => FLESH[flesh].map(parse);

const DRY = parse(DRY_FLESH);

/**
 * Writes the colour of flesh at a share of setting, raw to half set to opaque and on towards dry, into the four bytes from `at`: a
 * picture has thousands of cells and is drawn while a hand moves, so nothing is allocated.
 */
export function paintFlesh(
  into: Uint8ClampedArray,
  at: number,
  stops: readonly Rgb[],
  share: number,
  dry: number,
): void {
  const place = clamp(share * 2, 0, 1.999);
  const index = Math.floor(place);
  const [from, to] = [stops[index]!, stops[index + 1]!];
  const part = place - index;
  for (let channelAt = 0; channelAt < 3; channelAt++) {
    const set = from[channelAt]! + part * (to[channelAt]! - from[channelAt]!);
    into[at + channelAt] = set + dry * (DRY[channelAt]! - set);
  }
  into[at + 3] = 255;
}
