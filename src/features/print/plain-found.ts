import { printCapacitorLabel, type Gone } from "@/core/capacitor";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { StationDetail, StationId } from "@/core/stations";
import type { TravellerAssessment } from "@/core/traveller";

/** What a station made of what was found, before any work. */
function asFoundAt<Id extends StationId>(id: Id, { rounds, stations }: TravellerAssessment): { stamp: string; detail: StationDetail<Id> } {
  const found = rounds[id].find(({ why }) => why === "work")?.assessment ?? stations[id];
  // Every round of a station was judged by that station.
  return { stamp: found.stamp, detail: found.detail as StationDetail<Id> };
}

type Told = (assessment: TravellerAssessment) => readonly string[];

const SIGNS_TOLD: Readonly<Record<string, string>> = {
  "capacitor-bulged": "A part that helps the motor run is bulged.",
  "capacitor-leaking": "A part that helps the motor run leaks.",
  "capacitor-terminal-burnt": "A connection on a part that helps the motor run is burnt.",
  "varnish-burnt": "The windings look burnt.",
  "lead-loose": "A wire had come loose.",
  "lead-burnt": "A wire is burnt.",
  "cover-not-seated": "A cover of the motor was not seated.",
  "cover-cracked": "A cover of the motor is cracked.",
  "guard-missing": "A guard is missing.",
  "interlock-defeated": "A safety switch was bypassed when we came.",
  "dust-clogged": "It is clogged with dust.",
  "wheel-fouled": "The wheel is fouled or rubs.",
  "oil-or-wax": "There is oil or wax on it.",
  "smell-burnt": "It smells of burnt windings.",
  "smell-electric": "It smells of hot wiring.",
};

const TURNS_TOLD: Readonly<Record<string, string>> = {
  rough: "Turned by hand it is rough.",
  "rough-with-play": "Turned by hand it is rough and has play.",
  tight: "Turned by hand it is tight.",
  seized: "It cannot be turned by hand.",
  "end-play": "Its shaft can be moved to and fro more than it should.",
};

const NOISES_TOLD: Readonly<Record<string, string>> = {
  hum: "It hums loudly.",
  squeal: "It squeals.",
  rumble: "It rumbles.",
  rattle: "It rattles.",
  scrape: "Something scrapes in it.",
};

const SUPPLY_TOLD: Readonly<Record<string, string>> = {
  absent: "No power arrives at the motor",
  lost: "Power is lost on its way to the motor",
  "no-call": "Nothing switches the motor on",
  low: "Too few volts arrive at the motor",
  sags: "The volts fall too far when it tries to start",
};

const GONE_TOLD: Record<Gone, string> = {
  "none-fitted": "A part that helps the motor start is missing.",
  removed: "A part that helps the motor start had been taken out.",
  bridged: "A part that helps the motor start had been bypassed.",
};

/** What one of the capacitors tells, where it is not as it should be. */
function partTold(detail: StationDetail<"capacitor">): readonly string[] {
  if (detail.state !== "label") return [];
  const { stamp } = detail;
  if (stamp !== "out" && stamp !== "too-close") return [];
  const part = `The part that helps the motor ${detail.label.kind === "start" ? "start" : "run"}`;
  if (detail.mismatches.length > 0) return [`${part} is not the one this motor asks for: ${printCapacitorLabel(detail.label)} is fitted.`];
  const section = detail.sections[detail.ownSection ?? 0];
  if (!section?.meter || !section.limits) return [`${part} is not good any more.`];
  const { running, limits } = section;
  // Right to the cold meter and wrong at work: the figure at work is the one that shows it.
  if (stamp === "out" && running && section.meter.capacitanceUf >= limits.lowUf && section.meter.capacitanceUf <= limits.highUf)
    return [
      `${part} reads right when it is cold, and ${formatQuantity("capacitance", running.found.capacitanceUf, running.found.standardUncertaintyUf)} while it runs.`,
    ];
  const reads = formatQuantity("capacitance", section.meter.capacitanceUf);
  const bounds = `${formatNumber(section.limits.lowUf, 2)} to ${formatNumber(section.limits.highUf, 2)} µF`;
  return [
    stamp === "out"
      ? `${part} reads ${reads}; it should read ${bounds}.`
      : `${part} reads ${reads}, too close to its limits (${bounds}) to be sure.`,
  ];
}

/** What each station tells who owns the machine, with the figure that shows it, where something was found. */
const TOLD: Readonly<Partial<Record<StationId, Told>>> = {
  look: (assessment) => asFoundAt("look", assessment).detail.signs.flatMap((sign) => SIGNS_TOLD[sign] ?? []),
  "hand-turn": (assessment) => {
    const { detail } = asFoundAt("hand-turn", assessment);
    const told = detail.outcome === null ? undefined : TURNS_TOLD[detail.outcome];
    return told ? [told] : [];
  },
  capacitor: (assessment) => {
    const { detail } = asFoundAt("capacitor", assessment);
    if (detail.state === "gone") return [GONE_TOLD[detail.gone]];
    return detail.state === "label" ? [...partTold(detail), ...(detail.other ? partTold(detail.other) : [])] : [];
  },
  windings: (assessment) => {
    const { stamp } = asFoundAt("windings", assessment);
    if (stamp === "too-close") return ["The figures of the windings do not tell for certain whether one of them is broken."];
    return stamp === "out" ? ["The windings of the motor do not read as they should."] : [];
  },
  frame: (assessment) => {
    const { stamp, detail } = asFoundAt("frame", assessment);
    if (stamp !== "out") return [];
    return [
      detail.worst
        ? `Current can reach the metal of the motor: ${formatQuantity("resistance", detail.worst.ohm)} where there should be no path at all.`
        : "Current can reach the metal of the motor.",
    ];
  },
  insulation: (assessment) => {
    const { stamp, detail } = asFoundAt("insulation", assessment);
    const text = detail.worst?.entry?.text.trim();
    return stamp === "out" ? [`The insulation of the windings is weak${text ? `: ${text} MΩ measured` : ""}.`] : [];
  },
  "start-gear": (assessment) =>
    asFoundAt("start-gear", assessment).stamp === "out" ? ["The switch that starts the motor does not do what it should."] : [],
  supply: (assessment) => {
    const { stamp, detail } = asFoundAt("supply", assessment);
    if (detail.isForAnother) return ["The motor is connected for other volts than those that arrive."];
    const told = detail.outcome === null ? undefined : SUPPLY_TOLD[detail.outcome];
    if (stamp !== "out" || told === undefined) return [];
    const volts = detail.outcome === "sags" ? detail.startingV : detail.standingV;
    return [`${told}${volts === null ? "" : `: ${formatQuantity("voltage", volts)} measured`}.`];
  },
  "run-test": (assessment) => {
    const { amps } = asFoundAt("run-test", assessment).detail;
    const heard = assessment.facts.noisesFound.flatMap((noise) => NOISES_TOLD[noise] ?? []);
    if (amps?.conformity?.decision !== "out" || amps.plateA === null) return heard;
    return [`It draws ${formatQuantity("current", amps.amps)}; its plate says ${formatQuantity("current", amps.plateA)}.`, ...heard];
  },
};

const NOT_OURS_TOLD =
  "It is another kind of motor than those our tests are made for: what was measured is written down, and nothing is judged by it.";

/** Tests that show something in order, for a visit that found nothing wrong. */
const IN_ORDER: Readonly<Partial<Record<StationId, string>>> = {
  capacitor: "the part that helps the motor run",
  windings: "the windings",
  // What an ohmmeter clears; the insulation is a test of its own.
  frame: "the windings against its metal (by ohms)",
  insulation: "the insulation",
  "hand-turn": "the bearings, by hand",
  "start-gear": "the starting switch",
  supply: "the power that arrives",
  "run-test": "what it draws",
};

/**
 * What was found, in plain words with the figure that shows it.
 * @param assessment everything known of the card
 * @param isDone the visit is over: nothing more is measured
 * @returns sentences in working order; what was in order last
 */
export function plainFound(assessment: TravellerAssessment, isDone: boolean): readonly string[] {
  const disputed = (Object.keys(IN_ORDER) as StationId[]).filter((id) => assessment.stations[id].stamp === "contradicts");
  const found = [
    ...(assessment.facts.notOurs === null ? [] : [NOT_OURS_TOLD]),
    ...(Object.keys(TOLD) as StationId[]).flatMap((id) => TOLD[id]?.(assessment) ?? []),
    ...disputed.map((id) => `Measured more than once, and the readings differ: ${IN_ORDER[id] ?? ""}.`),
  ];
  const { detail } = asFoundAt("capacitor", assessment);
  const isStart = detail.state === "label" && detail.label.kind === "start";
  const named = (id: StationId): string => (id === "capacitor" && isStart ? "the part that helps the motor start" : (IN_ORDER[id] ?? ""));
  const good = (Object.keys(IN_ORDER) as StationId[]).filter((id) => asFoundAt(id, assessment).stamp === "holds").map(named);
  const inOrder = good.length > 0 ? [`Measured and in order: ${good.join(", ")}.`] : [];
  return found.length > 0
    ? [...found, ...inOrder]
    : [
        ...(good.length > 0
          ? [isDone ? "Nothing was found that is out of order." : "Nothing that was measured so far is out of order."]
          : []),
        ...inOrder,
      ];
}
