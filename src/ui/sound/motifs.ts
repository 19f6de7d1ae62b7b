import { sumOf } from "@/core/numeric";
import { PAN_MOTIFS, type Motif } from "./sound";

/** A motif of its own for each running cook, the same on every tablet: by its id, the next free one where two would share. */
export function motifsOf(cookIds: readonly string[]): ReadonlyMap<string, Motif> {
  const taken = new Map<string, Motif>();
  const used = new Set<number>();
  for (const id of cookIds) {
    const sum = sumOf([...id], (letter) => letter.charCodeAt(0));
    const order = PAN_MOTIFS.map((_, step) => (sum + step) % PAN_MOTIFS.length);
    const index = order.find((one) => !used.has(one)) ?? order[0]!;
    used.add(index);
    taken.set(id, PAN_MOTIFS[index]!);
  }
  return taken;
}
