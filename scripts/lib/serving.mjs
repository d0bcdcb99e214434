// How `npm run serve` is told what to do, and what it answers when it was told wrongly.
import { existsSync, readFileSync } from "node:fs";
import { isIP } from "node:net";
import { hostname, networkInterfaces } from "node:os";
import { createSecureContext } from "node:tls";

/** Something the person at the terminal has to change; its message is a sentence for them. */
export class ServeProblem extends Error {}

const isOn = (text) => text !== undefined && !/^(|0|no|false)$/i.test(text);

/** A file named by a setting, read. */
function fileOf(name, path) {
  if (!existsSync(path)) throw new ServeProblem(`${name}=${path}: there is no such file. Give the path of a PEM file.`);
  return readFileSync(path, "utf8");
}

/**
 * What HOST, PORT, CERT, KEY and SELF_SIGNED ask for.
 * @param {Record<string, string | undefined>} env
 * @returns {{ host: string, port: number, tls: { kind: "none" } | { kind: "files", cert: string, key: string } | { kind: "self-signed" } }}
 * @throws ServeProblem with what to write instead
 */
export function servingOf(env) {
  const host = env.HOST?.trim() || "127.0.0.1";
  if (/[/\s]|^https?:/i.test(host))
    throw new ServeProblem(`HOST=${host}: give an address or a name alone, such as 0.0.0.0 or 192.168.1.20.`);
  const port = Number(env.PORT || 3000);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new ServeProblem(`PORT=${env.PORT}: give a whole number from 1 to 65535, such as 3443.`);
  const isSelfSigned = isOn(env.SELF_SIGNED);
  if (!env.CERT && !env.KEY) return { host, port, tls: { kind: isSelfSigned ? "self-signed" : "none" } };
  if (isSelfSigned) throw new ServeProblem("CERT and KEY, or SELF_SIGNED=1: one of the two, not both.");
  if (!env.CERT || !env.KEY)
    throw new ServeProblem(`${env.CERT ? "KEY" : "CERT"} is missing: a certificate needs both CERT and KEY, as PEM files.`);
  const cert = fileOf("CERT", env.CERT);
  const key = fileOf("KEY", env.KEY);
  try {
    createSecureContext({ cert, key });
  } catch (error) {
    throw new ServeProblem(`CERT and KEY do not go together or are no PEM files (${error.message}).`);
  }
  return { host, port, tls: { kind: "files", cert, key } };
}

const EVERY_ADDRESS = new Set(["0.0.0.0", "::"]);
/** Whether other machines can never get there. */
export const isThisMachineOnly = (host) => host === "localhost" || host === "::1" || host === "127.0.0.1";
const inAddress = (host) => (isIP(host) === 6 ? `[${host}]` : host);

/** Names and numbers under which what listens on this host is reached; those that other machines can use come first. */
export function hostsOf(host, interfaces = networkInterfaces(), name = hostname()) {
  if (!EVERY_ADDRESS.has(host)) return [host];
  const outer = Object.values(interfaces)
    .flat()
    .filter(({ internal, family }) => !internal && family === "IPv4")
    .map(({ address }) => address);
  return [...outer, name, "localhost"];
}

/** The addresses to print. */
export const addressesOf = ({ host, port, tls }, interfaces, name) =>
  hostsOf(host, interfaces, name).map((each) => `${tls.kind === "none" ? "http" : "https"}://${inAddress(each)}:${port}`);
