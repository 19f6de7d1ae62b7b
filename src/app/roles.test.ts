import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { sealData } from "iron-session";
import { valueOf } from "@/core/shared";
import { db } from "@/db/connection";
import { makeChef, takeIn } from "@/db/doors/people";
import { letIn } from "@/db/doors/tablets";
import { openHouse } from "@/db/house/house";
import { entriesBetween } from "@/db/ledger";
import { leaveFor, type Asker, type Leave } from "@/house/people";
import { sessionSecret } from "@/db/doors/sessionSecret";
import { ACTIONS, asksOf } from "./roles";
import { knownBy, SESSION_COOKIE, unsealed, type Session } from "./session";

const request = { origin: "http://house.test", cookie: undefined as string | undefined };
jest.mock("next/headers", () => ({
  headers: async () => new Headers({ origin: request.origin, host: "house.test" }),
  cookies: async () => ({
    get: (name: string) => (name === SESSION_COOKIE && request.cookie ? { value: request.cookie } : undefined),
    set: () => undefined,
  }),
}));
jest.mock("next/cache", () => ({ revalidatePath: () => undefined }));
jest.mock("@/server/pool", () => ({ workOut: async () => ({ ok: false, error: "busy" }) }));

type Answer = { readonly ok: boolean; readonly error?: { readonly kind: string; readonly code?: string } };
type Action = (input: unknown, intention: unknown) => Promise<Answer | readonly unknown[]>;

const APP = path.join(process.cwd(), "src/app");
/** Every function a browser can call, by its name: all of the modules that say so. */
const modules = readdirSync(APP, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.ts$/.test(file) && readFileSync(path.join(APP, file), "utf8").startsWith('"use server"'))
  .map((file) => jest.requireActual<Readonly<Record<string, Action>>>(path.join(APP, file)));
const actions: Readonly<Record<string, Action>> = Object.assign({}, ...modules);

const NOW = Date.now();
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-roles-"));
const carried: Record<string, Session> = {};

beforeAll(() => {
  process.env["GAFFEL_DATA"] = folder;
  const stamp = { who: "Anu", atMs: NOW };
  openHouse(
    db(),
    { name: "Test", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu", "Ben"], coldRoomC: 1 },
    NOW,
  );
  const chef = valueOf(makeChef(db(), { name: "Anu", pinHash: "hash", phrase: "hash" }, stamp));
  const taken = (name: string, role: "cook" | "inspector") =>
    valueOf(takeIn(db(), { name, role, pinHash: "hash" }, stamp)).id;
  const tabletId = letIn(db(), { name: "Stove", kind: "tablet" }, stamp).id;
  const signed = (personId: string) => ({ tabletId, personId, signedInAtMs: NOW });
  carried["nobody"] = {};
  carried["a tablet that is none"] = { tabletId: "made up", personId: chef.id, signedInAtMs: NOW };
  carried["screen"] = { tabletId: letIn(db(), { name: "Pass", kind: "screen" }, stamp).id };
  carried["tablet"] = { tabletId };
  carried["cook"] = signed(taken("Cara", "cook"));
  carried["inspector"] = signed(taken("Holm", "inspector"));
  carried["chef"] = signed(chef.id);
  carried["chef, PIN typed"] = { ...signed(chef.id), chefId: chef.id, chefUntilMs: NOW + 600_000 };
  carried["cook who says to be a chef"] = {
    ...carried["cook"],
    chefId: carried["cook"].personId!,
    chefUntilMs: NOW + 1e9,
  };
}, 60_000);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const CODES: Readonly<Record<Exclude<Leave, "yes">, string>> = {
  signIn: "signIn",
  chefsPin: "chefsPin",
  no: "notYours",
};
const ASKERS: Readonly<Record<string, Asker>> = {
  nobody: { kind: "nobody" },
  "a tablet that is none": { kind: "nobody" },
  screen: { kind: "screen" },
  tablet: { kind: "tablet", chefNow: false },
  cook: { kind: "person", role: "cook", chefNow: false },
  "cook who says to be a chef": { kind: "person", role: "cook", chefNow: false },
  inspector: { kind: "person", role: "inspector", chefNow: false },
  chef: { kind: "person", role: "chef", chefNow: false },
  "chef, PIN typed": { kind: "person", role: "chef", chefNow: true },
};

test("every function a browser can call says which role it asks for, and nothing else stands there", () => {
  expect(Object.keys(ACTIONS).sort()).toEqual(Object.keys(actions).sort());
});

test.each(Object.keys(ASKERS))(
  "%s: every one of them is let in or turned away as its role says, and junk writes nothing",
  async (who) => {
    request.cookie = await sealData(carried[who]!, { password: sessionSecret() });
    const before = entriesBetween(db(), 0, NOW + 1e9).length;
    for (const [name, action] of Object.entries(actions)) {
      const answer = await action({ junk: true }, `${name}-0123456789abcdef`);
      const leave = leaveFor(ASKERS[who]!, ACTIONS[name]!);
      if (Array.isArray(answer)) expect([name, answer]).toEqual([name, []]);
      else {
        const { error } = answer as Answer;
        expect([name, leave, error?.kind === "refused" ? error.code : error?.kind]).toEqual([
          name,
          leave,
          leave === "yes" ? "invalidInput" : CODES[leave],
        ]);
      }
    }
    expect(entriesBetween(db(), 0, NOW + 1e9)).toHaveLength(before);
  },
);

test("a session that was tampered with, or is of another house, is nobody's", async () => {
  const sealed = await sealData(carried["chef"]!, { password: sessionSecret() });
  const foreign = await sealData(carried["chef"]!, { password: "x".repeat(40) });
  const middle = Math.floor(sealed.length / 2);
  const turned = `${sealed.slice(0, middle)}${sealed[middle] === "a" ? "b" : "a"}${sealed.slice(middle + 1)}`;
  for (const cookie of [turned, sealed.slice(0, middle), foreign, "junk", "", undefined])
    expect(knownBy(await unsealed(cookie), NOW).asker).toEqual({ kind: "nobody" });
  expect(knownBy(await unsealed(sealed), NOW).asker).toEqual({ kind: "person", role: "chef", chefNow: false });
});

test("after sixteen hours the name is asked anew, after ten minutes the chef's PIN, after a day the inspector is gone", () => {
  const after = (who: string, hours: number) => knownBy(carried[who]!, NOW + hours * 3_600_000).asker;
  expect(after("cook", 15.9)).toMatchObject({ kind: "person" });
  expect(after("cook", 16.1)).toEqual({ kind: "tablet", chefNow: false });
  expect(after("chef, PIN typed", 0.1)).toMatchObject({ chefNow: true });
  expect(after("chef, PIN typed", 0.2)).toMatchObject({ chefNow: false });
  expect(after("inspector", 25)).toEqual({ kind: "tablet", chefNow: false });
});

test("every route and page says what it asks for; what is not named asks for a look at least", () => {
  const routes = readdirSync(path.join(APP, "api"), { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith("route.ts"))
    .map((file) => `/api/${path.dirname(file).replaceAll(/\[\w+\]/g, "some-id")}`);
  expect(routes.length).toBeGreaterThan(20);
  const asked = routes.flatMap((route) =>
    ["GET", "POST"].map((method) => [`${method} ${route}`, asksOf(route, method)]),
  );
  const open = asked.filter(([, asks]) => asks === "anyone").map(([route]) => route);
  expect(open.sort()).toEqual([
    "GET /api/core/some-id",
    "POST /api/core/some-id",
    "POST /api/places/some-id/readings",
    "POST /api/probes/some-id/readings",
    "POST /api/scales/some-id",
    "POST /api/tickets",
  ]);
  const of = (address: string) => asksOf(address, "GET");
  expect(
    ["/", "/ice/x", "/book", "/book/lot/x", "/bookings", "/signin", "/signinx", "/welcome", "/house"].map(of),
  ).toEqual(["look", "look", "book", "book", "look", "anyone", "look", "anyone", "look"]);
  expect(["/api/export/deliveries.csv", "/api/export/cards.csv", "/api/files/x"].map(of)).toEqual([
    "papers",
    "look",
    "book",
  ]);
  expect([asksOf("/api/cooks/x/taps", "POST"), asksOf("/api/lots/x/files", "POST")]).toEqual(["tap", "cook"]);
});
