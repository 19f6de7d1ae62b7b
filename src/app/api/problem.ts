import { t } from "@/words/api";

/** What every route answers when it turns something away: where in the request (empty for the whole) and why. */
export const problem = (status: number, path: string, message: string, headers: HeadersInit = {}): Response =>
  Response.json({ error: { path, message } }, { status, headers });

/** What there is to carry out of a house before there is one. */
export const noHouseYet = (): Response => problem(404, "", t("thereIsNoHouseYet"));
