import type { MixedIntegerSolver } from "@/core/line";

let loaded: MixedIntegerSolver | null = null;

/** The solver of linear programs, once it is loaded; null before. */
export const mixedInteger = (): MixedIntegerSolver | null => loaded;

/** Goals are whole numbers: less than half apart is the same. By itself it would stop at a ten thousandth of the goal. */
const EXACT = { mip_rel_gap: 0, mip_abs_gap: 0.5 } as const;

/** Loads HiGHS (WebAssembly; https://highs.dev), which takes some tenths of a second: only verbs that want it wait for it. */
export async function loadMixedInteger(): Promise<void> {
  if (loaded) return;
  const { default: open } = await import("highs");
  const highs = await open();
  loaded = (program, seconds) => {
    const answer = highs.solve(program, { ...EXACT, time_limit: Math.max(0.1, seconds), output_flag: false });
    const proven = answer.Status === "Optimal";
    if (!proven && !Number.isFinite(answer.ObjectiveValue)) return null;
    const columns = answer.Columns as Readonly<Record<string, { readonly Primal?: number }>>;
    return { proven, objective: answer.ObjectiveValue, isOne: (name) => (columns[name]?.Primal ?? 0) > 0.5 };
  };
}
