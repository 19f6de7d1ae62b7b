import { timingSafeEqual } from "node:crypto";

/** What every device route answers when it turns something away. */
export const problem = (status: number, path: string, message: string): Response =>
  Response.json({ error: { path, message } }, { status });

export const bearerOf = (request: Request): string =>
  /^Bearer (.+)$/.exec(request.headers.get("authorization") ?? "")?.[1] ?? "";

export function sameKey(sent: string, known: string): boolean {
  const [a, b] = [Buffer.from(sent), Buffer.from(known)];
  return a.length === b.length && timingSafeEqual(a, b);
}
