// Plain Node: this runs before any dependency is there.
import { spawn } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "../..");
const STAMP = path.join(ROOT, ".gaffel-stamp.json");

export const ENV = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };

/** For the small computer of a kitchen: the heap is swept before it grows to what a large one would allow, and freed memory goes back. */
export const FRUGAL = { flags: ["--max-old-space-size=320"], env: { MALLOC_ARENA_MAX: "2" } };

const readStamp = () => {
  try {
    return JSON.parse(readFileSync(STAMP, "utf8"));
  } catch {
    return {};
  }
};
const writeStamp = (part) => writeFileSync(STAMP, JSON.stringify({ ...readStamp(), ...part }));

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const full = path.join(folder, entry.name);
    return entry.isDirectory() ? filesIn(full) : [full];
  });
}

function digest(files) {
  const hash = createHash("sha256").update(process.version);
  for (const file of files.sort()) hash.update(path.relative(ROOT, file)).update(readFileSync(file));
  return hash.digest("hex");
}

const lockDigest = () => digest([path.join(ROOT, "package-lock.json")]);
const sourceDigest = () =>
  digest([
    ...filesIn(path.join(ROOT, "src")).filter((file) => !/\.test\.tsx?$/.test(file)),
    ...["package-lock.json", "next.config.ts", "tsconfig.json", "scripts/workers.mjs"].map((name) =>
      path.join(ROOT, name),
    ),
  ]);

/** Runs a command to its end; with `quiet` its output is shown only when it fails, and a line says every so often that it goes on. */
export function run(command, args, { quiet = false, env = ENV, note } = {}) {
  return new Promise((resolve) => {
    const started = Date.now();
    const child = spawn(command, args, { cwd: ROOT, env, stdio: quiet ? ["ignore", "pipe", "pipe"] : "inherit" });
    let output = "";
    child.stdout?.on("data", (chunk) => (output += chunk));
    child.stderr?.on("data", (chunk) => (output += chunk));
    const beat = quiet
      ? setInterval(
          () => console.log(`  … ${note ?? command} (${Math.round((Date.now() - started) / 1000)} s)`),
          10_000,
        )
      : null;
    const end = (code) => {
      if (beat) clearInterval(beat);
      resolve({ code, output, seconds: (Date.now() - started) / 1000 });
    };
    child.on("error", (error) => {
      output += String(error);
      end(1);
    });
    child.on("close", (code) => end(code ?? 1));
  });
}

async function must(title, command, args, options) {
  console.log(`> ${title}`);
  const done = await run(command, args, { quiet: true, note: title, ...options });
  if (done.code !== 0) {
    console.error(done.output);
    console.error(`${title}: failed. The lines above say why.`);
    process.exit(1);
  }
  console.log(`  done in ${Math.round(done.seconds)} s`);
}

/** Installs from the lock file unless what is there came from the same lock and the same Node. */
export async function ensureInstalled() {
  const wanted = lockDigest();
  if (readStamp().installed === wanted && existsSync(path.join(ROOT, "node_modules/next/package.json"))) return;
  const title = "Installing dependencies (3 minutes the first time: the database driver may be compiled)";
  await must(title, "npm", ["ci", "--no-audit", "--no-fund"]);
  writeStamp({ installed: wanted });
}

/** Builds for production unless the last build was of these very sources. */
export async function ensureBuilt() {
  const wanted = sourceDigest();
  if (readStamp().built === wanted && existsSync(path.join(ROOT, ".next/BUILD_ID"))) return;
  await must("Bundling the server's threads", process.execPath, ["scripts/workers.mjs"]);
  await must("Building (about a minute)", process.execPath, ["node_modules/next/dist/bin/next", "build"]);
  writeStamp({ built: wanted });
}

export async function makeDemo(dataFolder) {
  if (existsSync(path.join(dataFolder, "gaffel.sqlite"))) return;
  await must("Making the demo house", process.execPath, ["--import", "tsx", "src/cli/makeDemo.ts"], {
    env: { ...ENV, GAFFEL_DATA: dataFolder },
  });
}

/** Whether something listens on the port already. */
export function portTaken(port) {
  return new Promise((resolve) => {
    const probe = net.connect({ port, host: "127.0.0.1" });
    probe.once("connect", () => {
      probe.destroy();
      resolve(true);
    });
    probe.once("error", () => resolve(false));
  });
}

export function portFromEnv() {
  const text = process.env.PORT ?? "4310";
  const port = Number(text);
  if (Number.isInteger(port) && port > 0 && port < 65_536) return port;
  console.error(`PORT is "${text}": it must be a whole number from 1 to 65535.`);
  process.exit(1);
}

const THIS_MACHINE = "127.0.0.1";
const EVERY_ADDRESS = "0.0.0.0";

/** Whom it listens to: this machine alone, unless it is told to open (`--open`) or to one address (`GAFFEL_HOST`). */
export const hostFrom = (words) => process.env.GAFFEL_HOST ?? (words.includes("--open") ? EVERY_ADDRESS : THIS_MACHINE);

/** Addresses of this machine in its networks. */
const addressesOf = (host) =>
  host === EVERY_ADDRESS || host === "::"
    ? Object.values(os.networkInterfaces())
        .flatMap((addresses) => addresses ?? [])
        .filter(({ family, internal }) => family === "IPv4" && !internal)
        .map(({ address }) => address)
    : [host];

/** How tablets find it, on the terminal: every address of this machine, and one to point a camera at. */
async function sayWhere(host, port, title, scheme) {
  if ([THIS_MACHINE, "localhost", "::1"].includes(host)) {
    console.log(`Only this machine can open it. For tablets in the kitchen: ${title} -- --open\n`);
    return;
  }
  const found = addressesOf(host);
  if (found.length === 0) {
    console.log("This machine is in no network: no tablet can find it.\n");
    return;
  }
  console.log("On a tablet in the same network:");
  for (const address of found) console.log(`  ${scheme}://${address}:${port}`);
  const { default: qrcode } = await import("qrcode");
  console.log(await qrcode.toString(`${scheme}://${found[0]}:${port}`, { type: "terminal", small: true }));
}

/** A port nobody listens on. */
const freePort = () =>
  new Promise((resolve) => {
    const probe = net.createServer().listen(0, THIS_MACHINE, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/** Serves the built application in the foreground until Ctrl-C; `secure`: over HTTPS with a certificate of its own. */
export async function serve(dataFolder, title, host, secure = false) {
  const port = portFromEnv();
  if (await portTaken(port)) {
    console.error(`Port ${port} is taken. Stop what runs there, or choose another: PORT=4311 ${title}`);
    process.exit(1);
  }
  const scheme = secure ? "https" : "http";
  const inner = secure ? { port: await freePort(), host: THIS_MACHINE } : { port, host };
  const words = [
    ...FRUGAL.flags,
    "node_modules/next/dist/bin/next",
    "start",
    "-p",
    String(inner.port),
    "-H",
    inner.host,
  ];
  if (secure) {
    const { certificateIn, fingerprintOf, serveHttps } = await import("./https.mjs");
    const certificate = await certificateIn(dataFolder, addressesOf(host));
    await serveHttps(certificate, host, port, inner.port);
    console.log(
      `HTTPS with a certificate of its own. A tablet asks once whether to trust it; its fingerprint is\n  ${fingerprintOf(certificate)}`,
    );
  }
  const child = spawn(process.execPath, words, {
    cwd: ROOT,
    env: {
      ...ENV,
      ...FRUGAL.env,
      NODE_ENV: "production",
      GAFFEL_DATA: dataFolder,
      GAFFEL_HOST: host,
      GAFFEL_SCHEME: scheme,
    },
    stdio: ["ignore", "pipe", "inherit"],
  });
  child.stdout.on("data", (chunk) => {
    if (!/Ready in/.test(String(chunk))) return;
    console.log(`\nGaffel is open at ${scheme}://localhost:${port}  (Ctrl-C closes it)`);
    void sayWhere(host, port, title, scheme);
  });
  let closing = false;
  for (const signal of ["SIGINT", "SIGTERM"]) {
    process.on(signal, () => {
      closing = true;
      child.kill("SIGTERM");
    });
  }
  const code = await new Promise((resolve) => child.on("close", resolve));
  console.log("Gaffel is closed.");
  process.exit(closing ? 0 : (code ?? 1));
}
