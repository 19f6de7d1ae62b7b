import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer().listen(0, "127.0.0.1", () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === "object" && address ? address.port : 0));
    });
  });

/** A house and a server of one test's own, so that it can be opened, locked and killed. */
export class OwnServer {
  readonly folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-own-"));
  port = 0;
  #server: ChildProcess | null = null;

  get file(): string {
    return path.join(this.folder, "gaffel.sqlite");
  }

  async start(): Promise<void> {
    if (this.port === 0) this.port = await freePort();
    this.#server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(this.port)], {
      env: { ...process.env, GAFFEL_DATA: this.folder, GAFFEL_HOST: "0.0.0.0", NODE_ENV: "production" },
      stdio: "ignore",
      detached: true,
    });
    for (let tries = 0; tries < 100; tries++) {
      const up = await fetch(`http://localhost:${this.port}/icon.svg`).then(
        (answer) => answer.ok,
        () => false,
      );
      if (up) return;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    throw new Error("the server did not come up");
  }

  async kill(signal: NodeJS.Signals): Promise<void> {
    const running = this.#server;
    if (!running?.pid) return;
    const gone = new Promise((resolve) => running.on("close", resolve));
    process.kill(-running.pid, signal);
    await gone;
    this.#server = null;
  }

  async end(): Promise<void> {
    await this.kill("SIGKILL");
    rmSync(this.folder, { recursive: true, force: true });
  }
}
