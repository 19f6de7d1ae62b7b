import http from "node:http";
import { expect, test } from "@playwright/test";
import { listKeys } from "@/db/doors/deviceKeys";
import { findHouse } from "@/db/house/house";
import { listPlaces, readingsSince } from "@/db/house/places";
import { lotsOnIce } from "@/db/lots/lots";
import { complaintsOf, holdDown, houseDb, kitchen } from "./house";

/** A tablet in the kitchen: fingers only, the machine's network address, plain HTTP. */
test.use({ viewport: { width: 834, height: 1112 }, hasTouch: true });

/** A request as a foreign page's browser would send it: to this machine, under a name of its own. */
const statusUnder = (base: string, host: string, path = "/") =>
  new Promise<number>((resolve, reject) => {
    const { hostname, port } = new URL(base);
    http
      .get({ hostname, port, path, headers: { host } }, (answer) => {
        answer.resume();
        resolve(answer.statusCode ?? 0);
      })
      .on("error", reject);
  });

test("a name of somebody else's is let in nowhere, a name set in the house is", async ({ page, baseURL }) => {
  const complaints = complaintsOf(page);
  const base = kitchen(baseURL);
  for (const path of ["/", "/book", "/api/cooks/stream", "/api/export/deliveries.csv"])
    expect(await statusUnder(base, "evil.example", path)).toBe(421);
  expect(await statusUnder(base, "gaffel.lan")).toBe(421);
  await page.goto(`${base}/house`);
  await expect(page.getByTestId("find-it")).toContainText(base);
  await page.getByLabel("Another name").fill("Gaffel.lan");
  await page.getByRole("button", { name: "Add it" }).tap();
  await expect(page.getByText("gaffel.lan", { exact: true })).toBeVisible();
  expect(findHouse(houseDb())?.hostNames).toEqual(["gaffel.lan"]);
  expect(await statusUnder(base, "gaffel.lan")).toBe(200);
  expect(await statusUnder(base, "gaffel.lan.evil.example")).toBe(421);
  await page.getByRole("button", { name: "Take it out" }).tap();
  await expect.poll(() => statusUnder(base, "gaffel.lan")).toBe(421);
  expect(complaints).toEqual([]);
});

test("what cannot be read is 400, a picture is resized by nobody, and a kept paper is shown as a page by nobody", async ({
  request,
  baseURL,
}) => {
  const base = kitchen(baseURL);
  expect(await statusUnder(base, "127.0.0.1", "/ice/%E0%A4%A")).toBe(400);
  for (const [type, data] of [
    ["text/plain", "junk"],
    ["text/plain", '["$F1"]'],
    ["multipart/form-data; boundary=x", "junk"],
  ] as const) {
    const headers = { "next-action": "00".repeat(21), origin: base, "content-type": type };
    expect((await request.post(`${base}/`, { headers, data })).status()).toBe(400);
  }
  expect((await request.get(`${base}/_next/image?url=%2Ficon.svg&w=64&q=75`)).status()).toBe(404);
  const policy = (await request.get(`${base}/api/files/none`)).headers()["content-security-policy"];
  expect(policy).toContain("sandbox");
  expect(policy).not.toContain("script-src");
});

test("a paper is what its bytes say, not what it is called, and is served so that nothing in it runs", async ({
  request,
  baseURL,
}) => {
  const base = kitchen(baseURL);
  const [lot] = lotsOnIce(houseDb());
  const send = (name: string, mimeType: string, text: string, origin = base) =>
    request.post(`${base}/api/lots/${lot!.id}/files`, {
      headers: { origin },
      multipart: { file: { name, mimeType, buffer: Buffer.from(text, "latin1") } },
    });
  const pdf = "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n";
  expect((await send("paper.pdf", "application/pdf", pdf, "http://evil.example")).status()).toBe(403);
  expect((await send("paper.pdf", "application/pdf", "<script>alert(1)</script>")).status()).toBe(415);
  expect((await send("empty.pdf", "application/pdf", "")).status()).toBe(422);
  const kept = await send("paper.html", "text/html", pdf);
  expect(kept.status()).toBe(201);
  const { id } = (await kept.json()) as { readonly id: string };
  const served = await request.get(`${base}/api/files/${id}`);
  expect(served.headers()).toMatchObject({ "content-type": "application/pdf", "x-content-type-options": "nosniff" });
  expect(served.headers()["content-security-policy"]).toMatch(/^default-src 'none'; sandbox/);
});

test("a sensor's key is shown once, heard of under The house, and ended there; wrong ones are made to wait", async ({
  page,
  request,
  baseURL,
}) => {
  const base = kitchen(baseURL);
  const place = listPlaces(houseDb()).find(({ kind }) => kind === "drawer")!;
  await page.goto(`${base}/ice/places/${place.id}`);
  await page.getByRole("button", { name: /^(Make a key|New key)/ }).tap();
  const key = await page.getByTestId("device-key").innerText();
  const at = new Date(Date.now() - 1000).toISOString();
  const send = (bearer: string) =>
    request.post(`${base}/api/places/${place.id}/readings`, {
      headers: { authorization: `Bearer ${bearer}` },
      data: { readings: [{ at, celsius: 1.7 }] },
    });
  expect((await send(key)).status()).toBe(201);
  expect(readingsSince(houseDb(), place.id, Date.parse(at) - 1).at(-1)?.celsius).toBe(1.7);
  await page.goto(`${base}/house`);
  const row = page
    .getByTestId("keys")
    .getByRole("listitem")
    .filter({ hasText: `Sensor in ${place.name}` });
  await expect(row).toContainText("last heard");
  await expect(page.getByTestId("keys")).not.toContainText(key);
  await holdDown(row.getByRole("button"));
  await expect(row).toHaveCount(0);
  expect(listKeys(houseDb()).some(({ kind, name }) => kind === "sensor" && name === place.name)).toBe(false);
  const answers: number[] = [];
  for (let tried = 0; tried < 25; tried++) answers.push((await send(key)).status());
  expect(answers[0]).toBe(401);
  expect(answers.at(-1)).toBe(429);
});
