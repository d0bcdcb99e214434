import { asked, fits, joined, madeToFit, notKnown, refused, same, type LineJudge, type LineVerdict } from "./match-line";
import type { MotorPlace, MotorSpec, RatedConnection } from "./motor-spec";

/** Figures on plates are rounded: hp and kW of one size differ by this much. */
const SAME_POWER = 0.03;
const SAME_SPEED = 0.002;
const SAME_AMPS = 0.02;
const SAME_UF = 0.015;
const PERCENT = 100;

interface WantedVolts {
  readonly lowV: number;
  readonly highV: number;
}

/** Volts at the place: as they are there, else those the old motor was connected for. */
function wantedVolts(old: MotorSpec, { supplyV }: MotorPlace): WantedVolts | null {
  if (supplyV !== null) return { lowV: supplyV, highV: supplyV };
  return old.connections[0] ?? null;
}

const middle = ({ lowV, highV }: WantedVolts): number => (lowV + highV) / 2;
const isBand = ({ lowV, highV }: WantedVolts): boolean => highV > lowV;

/** How far volts lie outside a connection, as a fraction of what it is rated for; 0 inside its band. */
function beyond(wanted: WantedVolts, rated: RatedConnection): number {
  const volts = middle(wanted);
  if (volts >= rated.lowV && volts <= rated.highV) return 0;
  return volts < rated.lowV ? 1 - volts / rated.lowV : volts / rated.highV - 1;
}

/**
 * The connection of a candidate that takes the volts of a place: the nearest of those it has.
 * @param question old motor, place and candidate
 * @param question.old motor that was there
 * @param question.place where it goes
 * @param question.candidate motor that may go in
 * @returns the connection; null while volts are not known on either side
 */
export function connectionFor({ old, place, candidate }: Parameters<LineJudge>[0]): RatedConnection | null {
  const wanted = wantedVolts(old, place);
  if (wanted === null) return null;
  return candidate.connections.toSorted((a, b) => beyond(wanted, a) - beyond(wanted, b))[0] ?? null;
}

/** Of an old motor for several volts nobody may have said how it is connected: a candidate that takes all of them goes anyway. */
function judgeAnyConnection({ old, candidate }: Parameters<LineJudge>[0], matchPercent: number): LineVerdict | null {
  if (candidate.connections.length === 0) return notKnown("candidate");
  const isTaken = old.connections.map((wanted) => candidate.connections.some((rated) => beyond(wanted, rated) * PERCENT <= matchPercent));
  if (isTaken.every(Boolean)) {
    const rated = candidate.connections[0] ?? { lowV: 0, highV: 0 };
    return fits({ code: "one-of-connections", lowV: rated.lowV, highV: rated.highV });
  }
  // With none of them it is refused by the volts of any.
  return isTaken.some(Boolean) ? notKnown("place") : null;
}

/** Volts of the place against what the candidate is rated for. */
export const judgeVolts: LineJudge = (question, house) => {
  const isAsked = question.place.supplyV === null && question.old.connections.length > 1;
  const any = isAsked ? judgeAnyConnection(question, house.matchVoltsPercent) : null;
  if (any) return any;
  const wanted = wantedVolts(question.old, question.place);
  if (wanted === null) return notKnown("old");
  const rated = connectionFor(question);
  if (rated === null) return notKnown("candidate");
  const off = beyond(wanted, rated);
  const wantedV = middle(wanted);
  const ratedV = middle(rated);
  if (off * PERCENT > house.matchVoltsPercent) return refused({ code: "volts-off", wantedV, ratedV });
  if (question.candidate.connections.length > 1) return fits({ code: "one-of-connections", lowV: rated.lowV, highV: rated.highV });
  if (rated.lowV === wanted.lowV && rated.highV === wanted.highV) return same;
  if (isBand(rated) && off === 0) return fits({ code: "volts-band", lowV: rated.lowV, highV: rated.highV });
  return fits({ code: "volts-near", ratedV, percent: off * PERCENT });
};

/** Hertz: slip, torque and iron follow it, so it is the same or it is not this motor. */
export const judgeFrequency: LineJudge = ({ old, candidate }) => {
  const wantedHz = old.hertz[0];
  if (wantedHz === undefined) return notKnown("old");
  if (candidate.hertz.length === 0) return notKnown("candidate");
  if (!candidate.hertz.includes(wantedHz)) return refused({ code: "hertz-off", wantedHz, ratedHz: candidate.hertz });
  return candidate.hertz.length === 1 ? same : fits({ code: "hertz-one-of", ratedHz: candidate.hertz });
};

/** One phase; a plate that does not say is taken as one, as every motor of this work is. */
export const judgePhase: LineJudge = ({ old, candidate }) =>
  (candidate.phases ?? 1) === (old.phases ?? 1) ? same : refused({ code: "phases-off", phases: candidate.phases ?? 1 });

const ampsOf = (spec: MotorSpec): number | null => spec.connections[0]?.fullLoadA ?? null;

/** Power: the same or a little more; much more is asked, unless the circuit already refuses it. */
export const judgePower: LineJudge = (question, house) => {
  const { old, place, candidate } = question;
  if (old.powerW === null) return notKnown("old");
  if (candidate.powerW === null) return notKnown("candidate");
  const more = candidate.powerW / old.powerW - 1;
  const percent = Math.abs(more) * PERCENT;
  const { powerW } = candidate;
  if (more < -SAME_POWER) return refused({ code: "less-power", powerW, percent });
  if (more <= SAME_POWER) return same;
  // A quarter more, as the plates of one series step: their figures are rounded too.
  if (percent <= house.matchMorePowerPercent + SAME_POWER) return fits({ code: "more-power", powerW, percent });
  const fullLoadA = connectionFor(question)?.fullLoadA ?? null;
  if (fullLoadA !== null && place.circuitA !== null && fullLoadA > place.circuitA)
    return refused({ code: "over-circuit", fullLoadA, circuitA: place.circuitA });
  return asked({ code: "much-more-power", powerW, percent });
};

/** Full-load amps within what the circuit, its relay and its overload bear. */
export const judgeAmps: LineJudge = (question) => {
  const { old, place } = question;
  const fullLoadA = connectionFor(question)?.fullLoadA ?? null;
  const before = ampsOf(old);
  if (fullLoadA === null) return notKnown("candidate");
  if (place.circuitA !== null && fullLoadA > place.circuitA) return refused({ code: "over-circuit", fullLoadA, circuitA: place.circuitA });
  if (before !== null && Math.abs(fullLoadA / before - 1) <= SAME_AMPS) return same;
  if (place.circuitA !== null) return fits({ code: "within-circuit", fullLoadA, circuitA: place.circuitA });
  if (before === null) return notKnown("place");
  return fullLoadA < before ? fits({ code: "fewer-amps", fullLoadA }) : asked({ code: "circuit-not-known", fullLoadA });
};

/** Poles the same, and the speed near. */
export const judgeSpeed: LineJudge = ({ old, candidate }, house) => {
  if (old.rpm === null) return notKnown("old");
  if (candidate.rpm === null) return notKnown("candidate");
  if (old.poles !== null && candidate.poles !== null && old.poles !== candidate.poles)
    return refused({ code: "other-poles", poles: candidate.poles });
  const off = Math.abs(candidate.rpm / old.rpm - 1);
  if (off * PERCENT > house.matchSpeedPercent) return refused({ code: "speed-off", rpm: candidate.rpm, percent: off * PERCENT });
  return off <= SAME_SPEED ? same : fits({ code: "speed-near", rpm: candidate.rpm });
};

/** As many speeds as are used; more are capped one by one. */
export const judgeSpeeds: LineJudge = ({ old, place, candidate }) => {
  const used = place.speedsUsed ?? old.speeds;
  if (used === null) return notKnown("old");
  if (candidate.speeds === null) return notKnown("candidate");
  if (candidate.speeds < used) return refused({ code: "too-few-speeds", speeds: candidate.speeds, used });
  if (candidate.speeds === used) return same;
  const unused = candidate.speeds - used;
  return madeToFit({ code: "cap-speeds", speeds: candidate.speeds, unused }, "cap-leads", unused);
};

/** Capacitor it needs: a new one of its own value comes with it. */
export const judgeCapacitor: LineJudge = ({ old, candidate }) => {
  if (candidate.capacitor === null) return notKnown("candidate");
  const [before, now] = [old.capacitor, candidate.capacitor];
  if (now.kind === "none") {
    if (before === null) return notKnown("old");
    return before.kind === "none" ? same : madeToFit({ code: "needs-none" }, "no-capacitor");
  }
  const isSame =
    before?.kind === "one" &&
    Math.abs(before.uf / now.uf - 1) <= SAME_UF &&
    (before.ratedV === null || now.ratedV === null || before.ratedV >= now.ratedV);
  return isSame ? same : madeToFit({ code: "needs-capacitor", uf: now.uf }, "other-capacitor");
};

/** Thermal protection as before: none for some is refused; another way back is asked, since a machine may start by itself. */
export const judgeProtection: LineJudge = ({ old, candidate }) => {
  if (candidate.protection === null) return notKnown("candidate");
  if (old.protection === null) return notKnown("old");
  if (candidate.protection === old.protection) return same;
  if (candidate.protection === "none") return refused({ code: "no-protection" });
  if (old.protection === "none") return fits({ code: "better-protected" });
  return asked({ code: candidate.protection === "manual" ? "manual-for-auto" : "auto-for-manual" });
};

/** What cools it: air-over needs the machine's air; a sealed body gets warmer where an open one sat. */
export const judgeEnclosure: LineJudge = ({ old, place, candidate }): LineVerdict => {
  const [before, now] = [old.enclosure, candidate.enclosure];
  if (now === null) return notKnown("candidate");
  const found: LineVerdict[] = [];
  if (now.endsWith("air-over")) {
    if (place.hasAirOver === false) return refused({ code: "no-air-here" });
    if (place.hasAirOver === null && !(before?.endsWith("air-over") ?? false)) return notKnown("place");
  }
  if (before === null) return notKnown("old");
  if (before === now) return same;
  const [wasSealed, isSealed] = [before.startsWith("sealed"), now.startsWith("sealed")];
  if (wasSealed && !isSealed) found.push(asked({ code: "open-for-sealed" }));
  // Its own fan or the same air cools a sealed body as the open one was; without either the temperature is asked.
  if (now === "sealed-nonventilated" || (isSealed && !wasSealed && before === "open-air-over" && now !== "sealed-air-over"))
    found.push(asked({ code: "hotter-when-sealed" }));
  return found.length > 0 ? joined(found) : fits({ code: "other-cooling" });
};

/** Continuous work wants a motor for it. */
export const judgeDuty: LineJudge = ({ old, candidate }) => {
  if (candidate.duty === null) return notKnown("candidate");
  if (candidate.duty === old.duty) return same;
  // A motor for continuous work does any.
  if (candidate.duty === "continuous") return fits({ code: "more-duty" });
  return old.duty === null ? notKnown("old") : refused({ code: "intermittent" });
};
