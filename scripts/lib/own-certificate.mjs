// A certificate this machine makes for itself, kept beside the program so that a phone has to be told of it once only.
import { X509Certificate } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { isIP } from "node:net";
import { join } from "node:path";
import { generate } from "selfsigned";

const DAY_MS = 86_400_000;
/** Browsers refuse certificates that run longer than 398 days. */
const DAYS = 397;
/** One with fewer days left is made anew. */
const DAYS_LEFT = 14;

/** Whether a kept certificate still serves these hosts. */
function serves(pem, hosts, now) {
  const certificate = new X509Certificate(pem);
  const isLong = new Date(certificate.validTo).getTime() - now > DAYS_LEFT * DAY_MS;
  return isLong && hosts.every((host) => (isIP(host) ? certificate.checkIP(host) : certificate.checkHost(host)) !== undefined);
}

/**
 * The machine's own certificate for these hosts: the kept one while it serves, else a new one.
 * @param {string} folder where it is kept; the key can be read by its owner only
 * @param {readonly string[]} hosts names and addresses it stands for
 * @param {number} now [ms since 1970]
 * @returns {Promise<{ cert: string, key: string, isNew: boolean }>}
 */
export async function ownCertificate(folder, hosts, now) {
  const [certPath, keyPath] = [join(folder, "vemmick.crt"), join(folder, "vemmick.key")];
  if (existsSync(certPath) && existsSync(keyPath)) {
    const cert = readFileSync(certPath, "utf8");
    if (serves(cert, hosts, now)) return { cert, key: readFileSync(keyPath, "utf8"), isNew: false };
  }
  const made = await generate([{ name: "commonName", value: "Vemmick on this machine" }], {
    keySize: 2048,
    algorithm: "sha256",
    notBeforeDate: new Date(now - DAY_MS),
    notAfterDate: new Date(now + DAYS * DAY_MS - DAY_MS),
    extensions: [
      // A phone takes a certificate into its trust only if it is one of an authority.
      { name: "basicConstraints", cA: true, critical: true },
      { name: "keyUsage", keyCertSign: true, digitalSignature: true, keyEncipherment: true, critical: true },
      { name: "extKeyUsage", serverAuth: true },
      { name: "subjectAltName", altNames: hosts.map((host) => (isIP(host) ? { type: 7, ip: host } : { type: 2, value: host })) },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(certPath, made.cert);
  writeFileSync(keyPath, made.private, { mode: 0o600 });
  return { cert: made.cert, key: made.private, isNew: true };
}
