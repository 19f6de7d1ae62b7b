/** Where the machine's clock stands against the house's, ms: positive when the machine is ahead. */
export type Drift = { readonly driftMs: number; readonly jumped: boolean };

/** A wall clock is followed in steps as small as this, ms: network time nudges it, and a nudge is no jump. */
const FOLLOWED_MS = 2000;
/** Further apart than this, ms, somebody or something has set the machine's clock. */
export const JUMP_MS = 60_000;

/**
 * The time of the house while the server runs: it goes with a clock that nobody can set, so that a running stage neither stops nor leaps
 * when the machine's wall clock is put back or forward. It begins no earlier than the newest entry of the book, and never goes back.
 */
export class SteadyClock {
  #offsetMs: number;
  #lastMs: number;

  /** `monotonicMs` counts from anywhere; `newestMs` is the newest entry kept, where there is one. */
  constructor(wallMs: number, monotonicMs: number, newestMs: number | null = null) {
    this.#lastMs = Math.max(wallMs, newestMs ?? wallMs);
    this.#offsetMs = this.#lastMs - monotonicMs;
  }

  /** The house's time, ms since 1970. */
  now(wallMs: number, monotonicMs: number): number {
    const driftMs = wallMs - (monotonicMs + this.#offsetMs);
    if (Math.abs(driftMs) <= FOLLOWED_MS) this.#offsetMs += driftMs;
    this.#lastMs = Math.max(this.#lastMs, monotonicMs + this.#offsetMs);
    return this.#lastMs;
  }

  drift(wallMs: number, monotonicMs: number): Drift {
    const driftMs = wallMs - this.now(wallMs, monotonicMs);
    return { driftMs, jumped: Math.abs(driftMs) > JUMP_MS };
  }

  /** Takes the machine's time where it is ahead (it slept, or was set right); false where that would go back. */
  take(wallMs: number, monotonicMs: number): boolean {
    if (wallMs < this.now(wallMs, monotonicMs)) return false;
    this.#offsetMs = wallMs - monotonicMs;
    this.#lastMs = wallMs;
    return true;
  }
}
