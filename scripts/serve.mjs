// npm run serve: the production build where phones and other machines can reach it. docs/hosting.md says how.
import { createServer as createHttp } from "node:http";
import { createServer as createHttps } from "node:https";
import { existsSync } from "node:fs";
import { join } from "node:path";
import { bin, installPackages, ROOT, run } from "./lib/prepare.mjs";
import { addressesOf, hostsOf, isThisMachineOnly, ServeProblem, servingOf } from "./lib/serving.mjs";

/** Where a phone fetches the certificate that this machine made for itself. */
const CERTIFICATE_PATH = "/certificate.crt";

/** On what is answered without the application, as on all of its answers. */
const PLAIN_HEADERS = {
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "Cross-Origin-Resource-Policy": "same-origin",
  "Content-Security-Policy": "default-src 'none'; frame-ancestors 'none'",
};

const stop = (sentence) => {
  console.error(sentence);
  process.exit(1);
};

/** What the system says when it cannot listen, in words. */
const LISTEN_PROBLEMS = {
  EADDRINUSE: ({ port }) => `Port ${port} is taken. Set PORT to another one.`,
  EACCES: ({ port }) => `Port ${port} needs more rights than this user has. Set PORT to one from 1024.`,
  EADDRNOTAVAIL: ({ host }) => `HOST=${host} is no address of this machine. Set HOST=0.0.0.0 for all of them.`,
  ENOTFOUND: ({ host }) => `HOST=${host} is no name this machine knows. Set HOST=0.0.0.0 for all its addresses.`,
};

function settings() {
  try {
    return servingOf(process.env);
  } catch (error) {
    if (error instanceof ServeProblem) return stop(error.message);
    throw error;
  }
}

const serving = settings();
if (!process.argv.includes("--built")) {
  installPackages();
  console.log("Building …");
  const built = run(process.execPath, [bin("next/dist/bin/next"), "build", "--webpack"]);
  if (built !== 0) process.exit(built);
} else if (!existsSync(join(ROOT, ".next", "BUILD_ID"))) stop("Nothing is built here yet. Run npm run build first, or leave --built out.");
else if (!existsSync(join(ROOT, "node_modules", "next"))) stop("Packages are missing. Run npm install first, or leave --built out.");

process.env.NODE_ENV = "production";
process.env.NEXT_TELEMETRY_DISABLED = "1";
const { default: next } = await import("next");
const { default: qrCode } = await import("qrcode");
const { host, port, tls } = serving;
const secrets =
  tls.kind === "self-signed"
    ? await (await import("./lib/own-certificate.mjs")).ownCertificate(join(ROOT, ".certificate"), hostsOf(host), Date.now())
    : tls;

const app = next({ dev: false, dir: ROOT, hostname: host, port });
await app.prepare();
const answerPage = app.getRequestHandler();
/** Nothing here is sent anything: pages and files are read. */
const READING = ["GET", "HEAD"];
const answer = (request, response) => {
  if (!READING.includes(request.method ?? ""))
    response.writeHead(405, { ...PLAIN_HEADERS, Allow: READING.join(", "), "Content-Length": "0" }).end();
  else if (tls.kind === "self-signed" && request.url === CERTIFICATE_PATH)
    response
      .writeHead(200, { ...PLAIN_HEADERS, "Content-Type": "application/x-x509-ca-cert", "Cache-Control": "no-store" })
      .end(secrets.cert);
  else void answerPage(request, response);
};
const server = tls.kind === "none" ? createHttp(answer) : createHttps({ cert: secrets.cert, key: secrets.key }, answer);
server.once("error", (error) => stop(LISTEN_PROBLEMS[error.code]?.(serving) ?? `The server could not start: ${error.message}`));
/** Says where it is served, and what goes without HTTPS. */
async function tellAddresses() {
  const addresses = addressesOf(serving);
  console.log(`\nVemmick is served at\n${addresses.map((address) => `  ${address}`).join("\n")}`);
  if (isThisMachineOnly(host)) console.log("Only this machine reaches it. HOST=0.0.0.0 lets others in.");
  else console.log(`\n${await qrCode.toString(addresses[0], { type: "terminal", small: true })}`);
  if (tls.kind === "none" && !isThisMachineOnly(host))
    console.log("Without HTTPS a phone has no camera, no microphone and nothing without signal. Give CERT and KEY, or SELF_SIGNED=1.");
  if (tls.kind === "self-signed")
    console.log(`A phone trusts it once it has installed ${addresses[0]}${CERTIFICATE_PATH}; docs/hosting.md says how.`);
  console.log("Stop it with Ctrl+C.\n");
}
server.listen(port, host, () => void tellAddresses());
for (const signal of ["SIGINT", "SIGTERM"])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
