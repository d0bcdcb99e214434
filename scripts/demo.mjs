// npm run demo: from a fresh clone to the running application with demo data.
import { spawn } from "node:child_process";
import { createServer } from "node:net";
import { bin, childEnvironment, installPackages, ROOT, run } from "./lib/prepare.mjs";

/** The port asked for, else the first free one from 3000. */
async function freePort() {
  const first = Number(process.env.PORT ?? 3000);
  for (let port = first; port < first + 50; port += 1) {
    const isFree = await new Promise((resolve) => {
      const probe = createServer().once("error", () => resolve(false));
      probe.listen(port, "127.0.0.1", () => probe.close(() => resolve(true)));
    });
    if (isFree) return port;
  }
  throw new Error(`No free port from ${first} to ${first + 49}. Set PORT to another one.`);
}

installPackages("to-run");
console.log("Building …");
// Types are looked at by the tests: the tools for that are not installed here.
const built = run(process.execPath, [bin("next/dist/bin/next"), "build", "--webpack"], { env: { TYPES_ARE_CHECKED: "1" } });
if (built !== 0) process.exit(built);
const port = await freePort();
const server = spawn(process.execPath, [bin("next/dist/bin/next"), "start", "--hostname", "127.0.0.1", "--port", String(port)], {
  cwd: ROOT,
  stdio: "inherit",
  env: childEnvironment(),
});
console.log(`\nVemmick with demo data: http://127.0.0.1:${port}\nStop it with Ctrl+C.\n`);
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
server.on("exit", (code) => process.exit(code ?? 0));
