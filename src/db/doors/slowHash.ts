import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from "node:crypto";

/** Cost of one try: 32 MB and some 80 ms (scrypt, RFC 7914; the cost is OWASP's of 2023 for N = 2^15, r = 8, p = 1 and up). */
const COST = { N: 2 ** 15, r: 8, p: 1 } as const;
const SALT_BYTES = 16;
const HASH_BYTES = 32;

const derive = (
  secret: string,
  salt: Buffer,
  { N, r, p }: { readonly N: number; readonly r: number; readonly p: number },
) =>
  new Promise<Buffer>((resolve, reject) => {
    const options: ScryptOptions = { N, r, p, maxmem: 256 * N * r };
    scrypt(secret.normalize("NFC"), salt, HASH_BYTES, options, (error, hash) =>
      error ? reject(error) : resolve(hash),
    );
  });

/** What is kept of a PIN or a pass phrase: its cost, its salt and its digest. */
export async function slowHash(secret: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const hash = await derive(secret, salt, COST);
  return ["scrypt", COST.N, COST.r, COST.p, salt.toString("base64url"), hash.toString("base64url")].join("$");
}

/** Whether this is the secret that was kept. Takes as long where nothing is kept, so that nobody learns from the clock who has a PIN. */
export async function isSecret(secret: string, kept: string | null): Promise<boolean> {
  const [, N = "", r = "", p = "", salt = "", hash = ""] = (kept ?? "").split("$");
  const cost = kept === null ? COST : { N: Number(N), r: Number(r), p: Number(p) };
  const found = await derive(secret, Buffer.from(salt, "base64url"), cost);
  const wanted = Buffer.from(hash, "base64url");
  return wanted.length === found.length && timingSafeEqual(wanted, found);
}
