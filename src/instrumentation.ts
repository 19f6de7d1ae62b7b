/** Opens and migrates the house before the first request, so that no cook waits for it; then checks it and begins its nights. */
export async function register(): Promise<void> {
  if (process.env["NEXT_RUNTIME"] !== "nodejs") return;
  const { openHouseHere } = await import("@/server/trouble");
  const trouble = openHouseHere();
  if (trouble) {
    const { troubleWords } = await import("@/words/told/troubleWords");
    process.stderr.write(`${troubleWords(trouble.kind)} (${trouble.why})\n`);
    return;
  }
  const { checkAtStart } = await import("@/server/standing");
  const { beginNights } = await import("@/server/night");
  checkAtStart().catch((problem: unknown) => process.stderr.write(`${String(problem)}\n`));
  beginNights();
}
