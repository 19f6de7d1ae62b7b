// `npm ci` refuses a lock in which an optional dependency of another platform is named but not resolved, as happens when a registry
// lacks some of the prebuilt binaries. This adds a stub for each: version, platform, optional. Run after every dependency change.
import { readFileSync, writeFileSync } from "node:fs";

const FILE = "package-lock.json";
const OS = ["android", "darwin", "freebsd", "linux", "netbsd", "openbsd", "openharmony", "sunos", "win32", "aix"];
const CPU = ["arm64", "arm", "ia32", "x64", "loong64", "mips64el", "ppc64", "riscv64", "s390x", "wasm32"];

const lock = JSON.parse(readFileSync(FILE, "utf8"));
let added = 0;
for (const entry of Object.values(lock.packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const key = `node_modules/${name}`;
    if (Object.keys(lock.packages).some((path) => path === key || path.endsWith(`/${key}`))) continue;
    const words = name.split(/[-/]/);
    const os = OS.filter((word) => words.includes(word) || (word === "win32" && words.includes("windows")));
    const cpu = CPU.filter((word) => words.includes(word));
    lock.packages[key] = {
      version: version.replace(/^[\^~]/, ""),
      ...(os.length ? { os } : {}),
      ...(cpu.length ? { cpu } : {}),
      optional: true,
    };
    added++;
  }
}
if (added > 0) writeFileSync(FILE, `${JSON.stringify(lock, null, 2)}\n`);
console.log(added === 0 ? "The lock file is whole." : `Added ${added} platform stubs to the lock file.`);
