// HTTPS of its own for a kitchen without a proxy: a certificate that no browser knows, made once and kept beside the house.
import { X509Certificate } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import http from "node:http";
import https from "node:https";
import path from "node:path";

const DAY_MS = 86_400_000;
/** Tablets refuse certificates that hold longer than 825 days (requirement of their makers; memory, high). */
const HOLDS_DAYS = 800;
const RENEWED_DAYS = 30;

/** Whether a kept certificate still holds for a while and names every address of this machine. */
function holds(pem, addresses) {
  const kept = new X509Certificate(pem);
  return (
    Date.parse(kept.validTo) > Date.now() + RENEWED_DAYS * DAY_MS && addresses.every((address) => kept.checkIP(address))
  );
}

/** The certificate of this house and its key, made when there is none that holds. */
export async function certificateIn(folder, addresses) {
  const file = path.join(folder, "https.pem");
  if (existsSync(file)) {
    const pem = readFileSync(file, "utf8");
    if (holds(pem, addresses)) return { key: pem, cert: pem };
  }
  const { generate } = await import("selfsigned");
  const altNames = [{ type: 2, value: "localhost" }, ...["127.0.0.1", ...addresses].map((ip) => ({ type: 7, ip }))];
  const made = await generate([{ name: "commonName", value: "Gaffel" }], {
    algorithm: "sha256",
    keySize: 2048,
    notAfterDate: new Date(Date.now() + HOLDS_DAYS * DAY_MS),
    extensions: [{ name: "subjectAltName", altNames }],
  });
  const pem = `${made.private}\n${made.cert}\n`;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, pem, { mode: 0o600 });
  return { key: pem, cert: pem };
}

/** What is said to whoever compares it on the tablet. */
export const fingerprintOf = ({ cert }) => new X509Certificate(cert).fingerprint256;

/** Takes requests over HTTPS and passes them on to the application on this machine, streams too. */
export function serveHttps({ key, cert }, host, port, innerPort) {
  const server = https.createServer({ key, cert }, (request, answer) => {
    const inner = http.request(
      {
        host: "127.0.0.1",
        port: innerPort,
        method: request.method,
        path: request.url,
        // what the sender says of itself is not passed on
        headers: {
          ...request.headers,
          "x-forwarded-proto": "https",
          "x-forwarded-for": request.socket.remoteAddress ?? "",
        },
      },
      (from) => {
        answer.writeHead(from.statusCode ?? 502, from.headers);
        from.pipe(answer);
      },
    );
    inner.on("error", () => {
      if (!answer.headersSent) answer.writeHead(502);
      answer.end();
    });
    answer.on("close", () => inner.destroy());
    request.pipe(inner);
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, host, () => resolve(server));
  });
}
