import { spawn } from "node:child_process";
import { once } from "node:events";
import { createServer, request as ask, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { expect, type Page } from "@playwright/test";

/** A server of the built program, started for one test. */
export async function startServer(port: number): Promise<{ readonly home: string; readonly stop: () => Promise<void> }> {
  const home = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "--hostname", "127.0.0.1", "--port", String(port)], {
    stdio: "ignore",
  });
  await expect.poll(async () => (await fetch(`${home}/favicon.svg`).catch(() => null))?.status).toBe(200);
  return {
    home,
    stop: async () => {
      if (server.exitCode !== null || server.signalCode !== null) return;
      server.kill("SIGTERM");
      await once(server, "exit");
    },
  };
}

/** How answers are changed on their way: null for one that is not there. */
export type Change = (path: string, body: string) => string | null;

/** Stands before a server and changes what it answers: the same program as another build would be. */
export async function standBefore(
  target: string,
): Promise<{ readonly home: string; readonly set: (change: Change) => void; readonly server: Server }> {
  let change: Change = (_, body) => body;
  const server = createServer((incoming, answer) => {
    const path = incoming.url ?? "/";
    const passed = ask(
      new URL(path, target),
      { method: incoming.method, headers: { ...incoming.headers, "accept-encoding": "identity", host: new URL(target).host } },
      (from) => {
        const parts: Buffer[] = [];
        from.on("data", (part: Buffer) => parts.push(part));
        from.on("end", () => {
          const body = Buffer.concat(parts);
          const isText = /javascript|html/.test(from.headers["content-type"] ?? "");
          const changed = change(path, isText ? body.toString("utf8") : "");
          if (changed === null) {
            answer.writeHead(404).end();
            return;
          }
          const headers = Object.fromEntries(
            Object.entries(from.headers).filter(([name]) => !/^(content-length|transfer-encoding)$/.test(name)),
          );
          answer.writeHead(from.statusCode ?? 500, { ...headers, "cache-control": "no-store" }).end(isText ? changed : body);
        });
      },
    );
    passed.on("error", () => answer.writeHead(502).end());
    incoming.pipe(passed);
  });
  server.listen(0, "127.0.0.1");
  await once(server, "listening");
  return {
    home: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    set: (next) => {
      change = next;
    },
    server,
  };
}

/** Everything is stored once the worker is active and in control. */
export async function untilStored(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
}
