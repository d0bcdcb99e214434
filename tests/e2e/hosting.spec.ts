import { spawn, type ChildProcess } from "node:child_process";
import { createHash, X509Certificate } from "node:crypto";
import { once } from "node:events";
import { existsSync, mkdtempSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { request } from "node:https";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import qrCode from "qrcode";
import { BROWSER_FLAGS } from "../../scripts/lib/browser-flags.mjs";
import { expect, test } from "./support/vemmick";
import { untilStored } from "./support/server";

const HOST = "127.0.0.2";
const PORT = "3447";
const HOME = `https://${HOST}:${PORT}`;

/** Starts the command on what is built; gathers what it prints. */
function serve(env: Record<string, string>): {
  readonly child: ChildProcess;
  readonly said: () => string;
  readonly ended: Promise<number | null>;
} {
  const child = spawn(process.execPath, ["scripts/serve.mjs", "--built"], {
    env: { ...process.env, ...env },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let text = "";
  for (const stream of [child.stdout, child.stderr]) stream.on("data", (part: Buffer) => (text += part.toString("utf8")));
  return { child, said: () => text, ended: once(child, "exit").then(([code]) => code as number | null) };
}

interface Fetched {
  readonly status: number;
  readonly headers: Record<string, unknown>;
  readonly body: string;
}
const fetchWith = (path: string, ca: string, method = "GET"): Promise<Fetched> =>
  new Promise((resolve, reject) => {
    request(`${HOME}${path}`, { ca, method }, (answer) => {
      let body = "";
      answer.on("data", (part: Buffer) => (body += part.toString("utf8")));
      answer.on("end", () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body }));
    })
      .on("error", reject)
      .end();
  });

test("another machine reaches it over HTTPS: headers, manifest, service worker, and the whole without signal", async () => {
  const { child, said, ended } = serve({ HOST, PORT, SELF_SIGNED: "1" });
  try {
    await expect.poll(said).toContain("Stop it with Ctrl+C");
    expect(said()).toContain(HOME);
    // What is built is served as it is: nothing is fetched for it.
    expect(said()).not.toContain("Installing packages");
    expect(said()).toContain((await qrCode.toString(HOME, { type: "terminal", small: true })).trim());

    // The key is its owner's alone; the certificate is there to be fetched, and every answer is valid under it.
    const certificate = readFileSync(".certificate/vemmick.crt", "utf8");
    expect(statSync(".certificate/vemmick.key").mode & 0o077).toBe(0);
    const parsed = new X509Certificate(certificate);
    expect([parsed.checkIP(HOST), parsed.ca]).toEqual([HOST, true]);
    const fetched = await fetchWith("/certificate.crt", certificate);
    expect([fetched.body, fetched.headers["x-content-type-options"]]).toEqual([certificate, "nosniff"]);
    // Nothing is sent to it: whatever is no reading is refused, and no picture is made smaller by it.
    for (const method of ["POST", "PUT", "DELETE", "TRACE", "OPTIONS"])
      expect([method, (await fetchWith("/", certificate, method)).status]).toEqual([method, 405]);
    expect((await fetchWith("/_next/image?url=%2Ficon-192.png&w=64&q=75", certificate)).status).toBe(404);
    const page = await fetchWith("/", certificate);
    expect(page.headers).toMatchObject({
      "x-content-type-options": "nosniff",
      "content-security-policy": expect.stringMatching(/nonce-/),
      "permissions-policy": expect.stringContaining("camera=(self)"),
    });
    const manifest = JSON.parse((await fetchWith("/manifest.webmanifest", certificate)).body) as {
      icons: { src: string; sizes: string }[];
    };
    expect(manifest).toMatchObject({ start_url: "/", display: "standalone" });
    expect(manifest.icons.map(({ sizes }) => sizes)).toEqual(expect.arrayContaining(["192x192", "512x512"]));

    // A browser that trusts this one certificate, as a phone does that has installed it.
    const spki = createHash("sha256")
      .update(parsed.publicKey.export({ type: "spki", format: "der" }))
      .digest("base64");
    const browser = await chromium.launchPersistentContext(mkdtempSync(join(tmpdir(), "vemmick-")), {
      executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
      args: [...BROWSER_FLAGS, `--ignore-certificate-errors-spki-list=${spki}`],
      serviceWorkers: "allow",
    });
    const tab = await browser.newPage();
    await tab.goto(`${HOME}/house-rules`);
    expect(await tab.evaluate(() => [window.isSecureContext, "mediaDevices" in navigator])).toEqual([true, true]);
    const device = tab.getByRole("region", { name: "Install on this device" });
    await untilStored(tab);
    await expect(device.getByText("Ready for no signal")).toBeVisible();
    await expect(device.getByText(/This version was built on .*, (today|yesterday)/)).toBeVisible();
    for (const { src } of manifest.icons) expect((await tab.request.get(`${HOME}${src}`, { ignoreHTTPSErrors: true })).status()).toBe(200);

    child.kill("SIGTERM");
    expect(await ended).toBe(0);
    await tab.goto(HOME);
    await expect(tab.getByRole("link", { name: /Proofing-cabinet blower/ })).toBeVisible();
    await browser.close();
  } finally {
    child.kill("SIGTERM");
  }

  // Started again, it is the same certificate: a phone is told once.
  const before = readFileSync(".certificate/vemmick.crt", "utf8");
  const again = serve({ HOST, PORT, SELF_SIGNED: "1" });
  await expect.poll(again.said).toContain("Stop it with Ctrl+C");
  again.child.kill("SIGTERM");
  await again.ended;
  expect(readFileSync(".certificate/vemmick.crt", "utf8")).toBe(before);
});

test("a setting that cannot be is answered with what to write instead", async () => {
  const folder = mkdtempSync(join(tmpdir(), "vemmick-"));
  const noPem = join(folder, "no.pem");
  writeFileSync(noPem, "no certificate");
  expect(existsSync(".next/BUILD_ID")).toBe(true);
  const wrong: readonly (readonly [Record<string, string>, RegExp])[] = [
    [{ PORT: "eighty" }, /PORT=eighty: give a whole number/],
    [{ PORT: "70000" }, /1 to 65535/],
    [{ HOST: "https://here" }, /HOST=https:\/\/here: give an address or a name alone/],
    [{ HOST: "203.0.113.7", PORT: "3448" }, /is no address of this machine/],
    [{ CERT: noPem }, /KEY is missing/],
    [{ KEY: noPem }, /CERT is missing/],
    [{ CERT: noPem, KEY: join(folder, "none") }, /there is no such file/],
    [{ CERT: noPem, KEY: noPem }, /do not go together or are no PEM files/],
    [{ CERT: noPem, KEY: noPem, SELF_SIGNED: "1" }, /one of the two/],
  ];
  for (const [env, sentence] of wrong) {
    const { said, ended } = serve(env);
    expect(await ended, JSON.stringify(env)).toBe(1);
    expect(said()).toMatch(sentence);
  }
});
