/** What a contact or coil showed, in the words the patterns are written in. `high`: ohms where near zero belongs. */
export type ContactState = "closed" | "high" | "open" | "unknown";

export interface ContactLimits {
  readonly closedOhm: number;
  readonly leadOhm: number;
}

/** Above this a path through contacts is none [Ω]: what is left is a winding or coil beside it. */
const OPEN_OHM = 100_000;

/**
 * State of a contact from its ohms; null ohms with `isOpen`: over limit.
 * @param ohm as read [Ω]; null: not read
 * @param isOpen over limit
 * @param limits ohms of closed contacts and of the test leads
 * @returns the state in words of the patterns
 * @source near zero once the test leads are taken off; anything between is burnt, dirty or another path
 */
export function contactState(ohm: number | null, isOpen: boolean, { closedOhm, leadOhm }: ContactLimits): ContactState {
  if (isOpen) return "open";
  if (ohm === null) return "unknown";
  if (ohm - leadOhm <= closedOhm) return "closed";
  return ohm >= OPEN_OHM ? "open" : "high";
}

/** What start gear is found to be, and what to do about it. Ids are shown through words, and never persisted. */
export type GearVerdict =
  | "works"
  | "not-pressed"
  | "gummed"
  | "contacts-burnt"
  | "contacts-dirty"
  | "open-at-rest"
  /** open at rest, and nobody pressed it or saw whether the cover presses it */
  | "press-first"
  | "welded"
  | "other-path"
  | "coil-open"
  | "coil-low"
  | "coil-high"
  | "contact-open"
  | "ptc-open"
  | "ptc-low"
  | "ptc-high"
  | "ptc-hot"
  | "ptc-cold-when-hot"
  | "more-needed";
export type GearRepair = "none" | "seat" | "free" | "clean" | "replace" | "wait";

export const GEAR_REPAIRS: Record<GearVerdict, GearRepair> = {
  works: "none",
  "not-pressed": "seat",
  gummed: "free",
  "contacts-burnt": "replace",
  "contacts-dirty": "clean",
  "open-at-rest": "clean",
  "press-first": "none",
  welded: "replace",
  "other-path": "none",
  "coil-open": "replace",
  "coil-low": "replace",
  "coil-high": "replace",
  "contact-open": "replace",
  "ptc-open": "replace",
  "ptc-low": "replace",
  "ptc-high": "replace",
  "ptc-hot": "wait",
  "ptc-cold-when-hot": "replace",
  "more-needed": "none",
};

/** What is seen and measured at a centrifugal switch. */
export interface SwitchSigns {
  readonly atRest: ContactState;
  readonly actuated: ContactState;
  readonly isCoverSeated: boolean | null;
  readonly travel: "moves" | "gummed" | "not-pressed" | null;
  readonly contacts: "clean" | "dirty" | "burnt" | null;
}

interface SwitchPattern {
  readonly verdict: GearVerdict;
  readonly is: (signs: SwitchSigns) => boolean;
}

/*
 * Patterns of a centrifugal switch, the first that fits. Near zero at rest, open when the weights are out, back on
 * stopping. A cover that does not seat never presses the disc, and looks like a dead motor: pressed by hand, such a switch
 * closes, and is good.
 */
const SWITCH_PATTERNS: readonly SwitchPattern[] = [
  { verdict: "welded", is: ({ atRest, actuated }) => atRest === "closed" && actuated === "closed" },
  { verdict: "not-pressed", is: ({ atRest, actuated }) => (atRest === "open" || atRest === "high") && actuated === "closed" },
  {
    verdict: "not-pressed",
    is: ({ atRest, isCoverSeated, travel }) =>
      (atRest === "open" || atRest === "high") && (isCoverSeated === false || travel === "not-pressed"),
  },
  { verdict: "other-path", is: ({ atRest, actuated }) => atRest === "closed" && actuated === "high" },
  { verdict: "gummed", is: ({ travel }) => travel === "gummed" },
  { verdict: "contacts-burnt", is: ({ atRest, contacts }) => contacts === "burnt" && atRest !== "closed" && atRest !== "unknown" },
  // With the end open to reach it nothing presses a sound switch: pressed by hand it tells which it is.
  {
    verdict: "press-first",
    is: ({ atRest, actuated, isCoverSeated, contacts }) =>
      (atRest === "open" || atRest === "high") && actuated === "unknown" && isCoverSeated !== true && contacts === null,
  },
  { verdict: "contacts-dirty", is: ({ atRest }) => atRest === "high" },
  { verdict: "open-at-rest", is: ({ atRest }) => atRest === "open" },
  { verdict: "works", is: ({ atRest, actuated }) => atRest === "closed" && actuated === "open" },
];

/**
 * Names what a centrifugal switch shows.
 * @param signs what was seen and measured
 * @returns the pattern that fits first
 */
export function judgeSwitch(signs: SwitchSigns): GearVerdict {
  return SWITCH_PATTERNS.find(({ is }) => is(signs))?.verdict ?? "more-needed";
}

/**
 * What is wrong with a switch beside its verdict: gummed weights and pitted contacts can both be true.
 * @param verdict what was found first
 * @param signs what was seen and measured
 * @returns what else is wrong, or nothing
 */
export function alsoWrong(verdict: GearVerdict, { atRest, travel, contacts }: SwitchSigns): GearVerdict[] {
  const found: GearVerdict[] = [
    ...(travel === "gummed" ? (["gummed"] as const) : []),
    ...(contacts === "burnt"
      ? (["contacts-burnt"] as const)
      : contacts === "dirty" || atRest === "high"
        ? (["contacts-dirty"] as const)
        : []),
  ];
  // Ohms at rest of a switch that nothing presses say nothing of its contacts; what was seen does.
  const isUnpressed = verdict === "not-pressed" && contacts === null;
  return found.filter((each) => each !== verdict && !(isUnpressed && each === "contacts-dirty"));
}

/**
 * Potential relay, unplugged: the coil some kΩ, the contacts closed at rest.
 * @param coilOhm null: not read; Infinity: over limit
 * @param contact state of the contact
 * @param low least ohms of the coil [Ω]
 * @param high most ohms of the coil [Ω]
 * @returns the verdict
 */
export function judgePotentialRelay(coilOhm: number | null, contact: ContactState, low: number, high: number): GearVerdict {
  if (contact === "open" || contact === "high") return "contact-open";
  if (coilOhm === null) return "more-needed";
  if (!Number.isFinite(coilOhm) || coilOhm > 10 * high) return "coil-open";
  if (coilOhm < low) return "coil-low";
  if (coilOhm > high) return "coil-high";
  return contact === "closed" ? "works" : "more-needed";
}

/**
 * Current relay, upright: contacts open at rest, the coil of thick wire near zero.
 * @param coil state of the coil
 * @param contact state of the contact
 * @returns the verdict
 */
export function judgeCurrentRelay(coil: ContactState, contact: ContactState): GearVerdict {
  if (contact === "closed" || contact === "high") return "welded";
  if (coil === "open" || coil === "high") return "coil-open";
  return contact === "open" && coil === "closed" ? "works" : "more-needed";
}

/** When gear that drops out by time lets go of the start winding. Persisted: do not change without a migration. */
export const LETS_GO = ["in-time", "late", "never", "no-start"] as const;
export type LetsGo = (typeof LETS_GO)[number];

/** What is seen of gear that drops out by time: a time relay, or electronics in place of contacts. */
export interface TimedSigns {
  /** out of circuit, at rest */
  readonly contact: ContactState;
  /** by the amps of the start winding while it starts; null: nobody looked */
  readonly letsGo: LetsGo | null;
}

/**
 * Gear that drops out by time has no coil to measure, and at rest its contact says one thing only: near zero it is shorted.
 * Whether it works is seen while the motor starts: amps in the start winding that end within about a second.
 * @param signs contact at rest, and when it let go
 * @returns the verdict
 */
export function judgeTimed({ contact, letsGo }: TimedSigns): GearVerdict {
  if (contact === "closed" || letsGo === "never" || letsGo === "late") return "welded";
  if (letsGo === "no-start") return "contact-open";
  return letsGo === "in-time" ? "works" : "more-needed";
}

export interface PtcSigns {
  /** null: not read; Infinity: over limit */
  readonly coldOhm: number | null;
  readonly hotOhm: number | null;
  readonly isCold: boolean | null;
}

/**
 * PTC: tens of ohms when cold, tens of kΩ hot; warm it reads between, and proves nothing.
 * @param signs ohms cold and hot
 * @param limits ohms cold and hot between which it is sound [Ω]
 * @returns the verdict
 */
export function judgePtc(
  { coldOhm, hotOhm, isCold }: PtcSigns,
  limits: { readonly low: number; readonly high: number; readonly hot: number },
): GearVerdict {
  if (coldOhm === null) return "more-needed";
  if (coldOhm > limits.high && isCold !== true) return "ptc-hot";
  if (!Number.isFinite(coldOhm)) return "ptc-open";
  if (coldOhm < limits.low) return "ptc-low";
  if (coldOhm > limits.high) return "ptc-high";
  return hotOhm !== null && hotOhm < limits.hot ? "ptc-cold-when-hot" : "works";
}
