import { inTurn, rightTry, waitOf, wrongTry } from "./slowTries";

/** Asks for a PIN as the door does; answers whether it was asked at all. */
const tryIt = (keys: readonly string[]) =>
  inTurn(async () => {
    if ((await waitOf(keys)) > 0) return false;
    // as slow as the slow hash
    await new Promise((done) => setTimeout(done, 5));
    await wrongTry(keys);
    return true;
  });

test("a hundred wrong PINs sent at once are four tries; the rest are told to wait, and another person is not", async () => {
  const keys = ["pin of Ben", "pins of the stove"];
  const asked = await Promise.all(Array.from({ length: 100 }, () => tryIt(keys)));
  expect(asked.filter(Boolean)).toHaveLength(4);
  expect(await waitOf(["pins of the stove"])).toBeGreaterThan(0);
  expect(await waitOf(["pin of Una", "pins of the pass"])).toBe(0);
  await rightTry(keys);
  expect(await waitOf(keys)).toBe(0);
});

test("a try that breaks does not hold up the next", async () => {
  await expect(inTurn(() => Promise.reject(new Error("broken")))).rejects.toThrow("broken");
  expect(await inTurn(() => Promise.resolve(7))).toBe(7);
});
