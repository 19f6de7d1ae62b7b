import { DRY_FLESH, FLESH } from "./palette";

type Rgb = readonly [number, number, number];
const channel = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
const parse = (hex: string): Rgb => [channel(hex, 1), channel(hex, 3), channel(hex, 5)];

/** Raw, half set and opaque, ready to be mixed. */
export const fleshStops = (flesh: keyof typeof FLESH): readonly Rgb[] => FLESH[flesh].map(parse);

const DRY = parse(DRY_FLESH);

/** Colour of flesh at a share of setting, raw to half set to opaque, and on towards dry. */
export function fleshColour(stops: readonly Rgb[], share: number, dry: number): Rgb {
  const place = Math.min(1.999, Math.max(0, share * 2));
  const index = Math.floor(place);
  const [from, to] = [stops[index]!, stops[index + 1]!];
  const part = place - index;
  const mix = (at: 0 | 1 | 2) => {
    const set = from[at] + part * (to[at] - from[at]);
    return set + dry * (DRY[at] - set);
  };
  return [mix(0), mix(1), mix(2)];
}
