import { daysFromTo, type Day } from "@/core/units";

/** In melting ice a probe that is right reads 0 °C; further off than this it is set right or thrown out (US Food Code 4-203.11; memory, high). */
const PROBE_ROOM_K = 1;

/** Days a check stands before the next is asked for, and after every drop; no rule names them (ours). */
export const PROBE_CHECK_DAYS = 7;

export type ProbeCheck = { readonly day: Day; readonly celsius: number };

/** never: nobody checked one; off: the last check failed; old: too long ago; good. */
export type ProbeState = "never" | "off" | "old" | "good";

/** What the last check in ice says of the probes today. */
export function probeState(last: ProbeCheck | null, today: Day): ProbeState {
  if (!last) return "never";
  if (!probeReadsTrue(last.celsius)) return "off";
  return daysFromTo(last.day, today) > PROBE_CHECK_DAYS ? "old" : "good";
}

/** Whether a probe in melting ice reads what ice is. */
export const probeReadsTrue = (celsius: number): boolean => Math.abs(celsius) <= PROBE_ROOM_K + 1e-9;
