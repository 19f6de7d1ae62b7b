import type { ChainCheck } from "@/core/trace";
import type { Fault } from "@/db/backup";
import { db, houseFileHere } from "@/db/connection";
import { checkNewEntries, headOf, type CheckedTo } from "@/db/ledger";
import { keep } from "./keeper";

/** What this server knows of the book: being checked since it was started, whole until an entry, or found wrong. */
type Standing =
  | { readonly kind: "checking" }
  | { readonly kind: "checked"; readonly to: CheckedTo }
  | { readonly kind: "wrong"; readonly fault: Fault };

const shared = globalThis as typeof globalThis & { gaffelStanding?: Standing };

const AGAIN_MS = 10 * 60_000;
const told = (problem: unknown): void => void process.stderr.write(`${String(problem)}\n`);

/** Checks everything that is there when the server starts, in a thread of its own. */
export async function checkAtStart(): Promise<void> {
  shared.gaffelStanding = { kind: "checking" };
  const to = headOf(db());
  const asked = await keep("check", { file: houseFileHere() });
  if (!asked.ok) {
    // another check or a copy is at work
    setTimeout(() => void checkAtStart().catch(told), AGAIN_MS).unref();
    return;
  }
  shared.gaffelStanding = asked.value.ok ? { kind: "checked", to } : { kind: "wrong", fault: asked.value.error };
}

export type StandingNow =
  | { readonly kind: "checking"; readonly entries: number }
  | { readonly kind: "wrong"; readonly fault: Fault }
  | { readonly kind: "checked"; readonly chain: ChainCheck };

/** How the book stands: what was found at the start, and whether what was written since fits. */
export function standingNow(): StandingNow {
  const standing = shared.gaffelStanding ?? { kind: "checking" };
  if (standing.kind === "wrong") return standing;
  if (standing.kind === "checking") return { kind: "checking", entries: headOf(db()).entries };
  const { chain, checked } = checkNewEntries(db(), standing.to);
  shared.gaffelStanding = { kind: "checked", to: checked };
  return { kind: "checked", chain };
}
