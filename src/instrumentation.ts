/** Opens and migrates the house before the first request, so that no cook waits for it. */
export async function register(): Promise<void> {
  if (process.env["NEXT_RUNTIME"] !== "nodejs") return;
  const { db } = await import("@/db/connection");
  db();
}
