/** Opens and migrates the house before the first request, so that no cook waits for it; then checks it and begins its nights. */
export async function register(): Promise<void> {
  if (process.env["NEXT_RUNTIME"] !== "nodejs") return;
  const { db } = await import("@/db/connection");
  db();
  const { checkAtStart } = await import("@/server/standing");
  const { beginNights } = await import("@/server/night");
  checkAtStart().catch((problem: unknown) => process.stderr.write(`${String(problem)}\n`));
  beginNights();
}
