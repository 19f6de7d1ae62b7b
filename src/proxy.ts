import { NextResponse, type NextRequest } from "next/server";
import { db } from "@/db/connection";
import { isLocked } from "@/db/doors/people";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { leaveFor } from "@/house/people";
import { answersTo } from "@/house/hosts";
import { asksOf } from "./app/roles";
import { knownBy, SESSION_COOKIE, unsealed } from "./app/session";
import { isActionBody } from "@/server/actionBody";
import { houseTrouble } from "@/server/trouble";
import { t } from "@/words/shell";
import { troubleWords } from "@/words/told/troubleWords";

const DEVELOPMENT = process.env.NODE_ENV === "development";

/** A strict policy with a nonce of its own for each page; nothing is ever loaded from elsewhere. */
function policy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${DEVELOPMENT ? " 'unsafe-eval'" : ""}`,
    "style-src 'self' 'unsafe-inline'",
    "worker-src 'self'",
    "connect-src 'self'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

/** What a device or a download gets: never a page, whatever is in it. */
const NO_PAGE = "default-src 'none'; sandbox; frame-ancestors 'none'";

const plain = (status: number, words: string) =>
  new NextResponse(`${words}\n`, { status, headers: { "content-type": "text/plain; charset=utf-8" } });

/** The house cannot be opened: every address says why and what to do. */
function noHouse(pathname: string, words: string): NextResponse {
  if (pathname.startsWith("/api/"))
    return NextResponse.json(
      { error: { path: "", message: words } },
      { status: 503, headers: { "retry-after": "60" } },
    );
  const page = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Gaffel</title><style>body{margin:0;padding:12vh 8vw;font:20px/1.5 system-ui,sans-serif;background:#f4f6f6;color:#14262b}h1{font-size:26px;border-left:6px solid #c63c14;padding-left:14px}</style><h1>${t("houseIsNotOpen")}</h1><p>${words}</p></html>`;
  return new NextResponse(page, {
    status: 503,
    headers: {
      "content-type": "text/html; charset=utf-8",
      "content-security-policy": "default-src 'none'; style-src 'unsafe-inline'",
      "retry-after": "60",
    },
  });
}

function isReadable(pathname: string): boolean {
  try {
    decodeURIComponent(pathname);
    return true;
  } catch {
    return false;
  }
}

/** Before anything of the house answers: is it called by a name of its own, can the address be read, and by which policy it is shown. */
export async function proxy(request: NextRequest) {
  const { pathname } = request.nextUrl;
  const trouble = houseTrouble();
  if (trouble) return noHouse(pathname, troubleWords(trouble.kind));
  if (!answersTo(request.headers.get("host"), findHouse(db())?.hostNames ?? []))
    return plain(421, t("thisHouseHasNoSuchName"));
  if (!isReadable(pathname)) return plain(400, t("thisAddressCannotBeRead"));
  if (request.headers.has("next-action")) {
    const sent = await request.clone().text();
    if (!isActionBody(request.headers.get("content-type"), sent)) return plain(400, t("thisTapCannotBeRead"));
  }
  const turnedAway = await atTheDoor(request);
  if (turnedAway) return turnedAway;
  return pathname.startsWith("/api/") ? sealed(NextResponse.next(), NO_PAGE) : page(request);
}

/** In a house with locks: whether whoever asks may look at this; null: they may. */
async function atTheDoor(request: NextRequest): Promise<NextResponse | null> {
  if (!isLocked(db())) return null;
  const { pathname, search } = request.nextUrl;
  const carried = await unsealed(request.cookies.get(SESSION_COOKIE)?.value);
  const { asker } = knownBy(carried, houseNowMs());
  const leave = leaveFor(asker, asksOf(pathname, request.method));
  if (leave === "yes") return null;
  if (pathname.startsWith("/api/"))
    return NextResponse.json(
      { error: { path: "", message: t("signInFirst") } },
      { status: leave === "no" ? 403 : 401 },
    );
  const to = new URL("/signin", request.url);
  if (asker.kind === "person" && asker.role === "inspector") to.pathname = "/book";
  else if (asker.kind === "screen") to.pathname = "/line/pass";
  else if (pathname !== "/") to.searchParams.set("to", `${pathname}${search}`);
  return NextResponse.redirect(to);
}

function page(request: NextRequest) {
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const csp = policy(nonce);
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("Content-Security-Policy", csp);
  return sealed(NextResponse.next({ request: { headers } }), csp);
}

function sealed(response: NextResponse, csp: string) {
  response.headers.set("Content-Security-Policy", csp);
  response.headers.set("X-Content-Type-Options", "nosniff");
  response.headers.set("X-Frame-Options", "DENY");
  response.headers.set("Referrer-Policy", "same-origin");
  response.headers.set("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
  return response;
}

export const config = { matcher: ["/((?!_next/static|_next/image|icon.svg).*)"] };
