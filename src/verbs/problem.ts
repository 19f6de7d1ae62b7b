import type { z } from "zod";

/** What is wrong with an input: where (dotted path, empty for the whole) and why, in the cook's words. */
export type Problem = { readonly path: string; readonly message: string };

/** Thrown by a verb for what only the computation can find out; becomes the same answer as a failed parse. */
export class InputProblem extends Error {
  constructor(
    readonly path: string,
    message: string,
  ) {
    super(message);
  }
}

type Issue = z.core.$ZodIssue;

const dotted = (path: readonly PropertyKey[]) => path.map(String).join(".");

/** Of a failed union, the branch the writer most likely meant: deepest first problem, then fewest problems. */
function likeliest(branches: readonly (readonly Issue[])[]): readonly Issue[] {
  const depth = (issues: readonly Issue[]) => Math.max(...issues.map(({ path }) => path.length));
  const unknownKeys = (issues: readonly Issue[]) => issues.filter(({ code }) => code === "unrecognized_keys").length;
  return [...branches].sort(
    (a, b) => unknownKeys(a) - unknownKeys(b) || depth(b) - depth(a) || a.length - b.length,
  )[0]!;
}

/** The first problem of a failed parse. */
export function problemOf(issues: readonly Issue[], above: readonly PropertyKey[] = []): Problem {
  const issue = issues[0]!;
  const path = [...above, ...issue.path];
  if (issue.code === "invalid_union" && issue.errors.length > 0) return problemOf(likeliest(issue.errors), path);
  if (issue.code === "unrecognized_keys") {
    return { path: dotted([...path, issue.keys[0]!]), message: `unknown key "${issue.keys[0]}"` };
  }
  return { path: dotted(path), message: issue.message };
}
