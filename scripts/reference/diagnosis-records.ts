import { GEAR_SORTS } from "@/core/startgear";
import type { StationEntries } from "@/core/traveller";
import { DEFAULT_METER } from "@/core/house";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { STATIONS, type StationId } from "@/core/stations";
import { SIGN_IDS, type Sign } from "@/core/stations/look";
import { markLikeName } from "@/core/winding";

/** A finding as case files write it: raw figures, as a meter showed them. */
export type RawFinding = Readonly<Record<string, unknown>> & { readonly test: string };

const AT = "2026-01-01T00:00:00.000Z";

const DECIMAL: readonly Quantity[] = ["capacitance", "resistance", "current"];

function entry(figure: unknown, isOver: unknown, quantity: Quantity): Entry {
  // A meter shows its last digit though it is a nought, which a number in a file has lost.
  const shown =
    typeof figure === "number" && Number.isInteger(figure) && figure < 1000 && DECIMAL.includes(quantity) ? figure.toFixed(1) : figure;
  const text = isOver === true || shown === null || shown === undefined ? "OL" : String(shown as string | number);
  const { entry: taken, parsed } = takeReading(text, quantity, DEFAULT_METER, AT);
  if (!parsed.ok) throw new Error(`${text} cannot be read as ${quantity}: ${parsed.failure.code}`);
  return taken;
}
const maybe = (figure: unknown, quantity: Quantity): Entry | null =>
  figure === null || figure === undefined ? null : entry(figure, false, quantity);

/** Records as they fill up, station by station. */
type Data = Partial<Record<StationId, Record<string, unknown>>>;
const at = (data: Data, id: StationId): Record<string, unknown> =>
  (data[id] ??= structuredClone(STATIONS[id].blank) as Record<string, unknown>);

function one<T extends string>(value: unknown, known: readonly T[], field: string): T {
  const found = known.find((each) => each === value);
  if (found === undefined) throw new Error(`${field}: “${String(value)}” is none of ${known.join(", ")}`);
  return found;
}

interface Kind {
  readonly fields: readonly string[];
  readonly put: (raw: RawFinding, data: Data) => void;
}

/** A capacitor as it would be labelled, so that its limits are those of the case. */
function labelOf(raw: RawFinding): string {
  const role = raw.role === "start" ? "start" : "run";
  if (raw.range_low_uf !== undefined) return `${String(raw.range_low_uf)}-${String(raw.range_high_uf)} µF ${role}`;
  return `${String(raw.rated_uf)} µF ${String(raw.tolerance_low_pct)} +${String(raw.tolerance_high_pct)}% ${role}`;
}

const OF_CONTACT = [
  "cover_seated",
  "clicks_back",
  "at_rest_ohm",
  "at_rest_over_limit",
  "actuated_ohm",
  "actuated_over_limit",
  "actuated_not_measured",
];

/** Every kind of finding: the fields it may have, and how it is keyed at its station. */
const KINDS: Readonly<Record<string, Kind>> = {
  look: {
    fields: ["seen"],
    put: ({ seen }, data) => {
      const signs = (seen as string[]).map((sign) => one<Sign>(sign, SIGN_IDS, "seen"));
      Object.assign(at(data, "look"), { signs, nothingFound: signs.length === 0 });
    },
  },
  "hand-turn": {
    fields: ["turn", "radial_play", "end_play", "rubs", "load"],
    put: (raw, data) => {
      const turn = one(raw.turn, ["free", "rough", "tight", "seized"], "turn");
      const felt = { radialPlay: raw.radial_play ?? null, endPlay: raw.end_play ?? null, rubs: raw.rubs ?? null };
      const isOff = one(raw.load ?? "on", ["on", "off"], "load") === "off";
      Object.assign(at(data, "hand-turn"), felt, isOff ? { unloaded: turn } : { turn });
    },
  },
  "capacitor-meter": {
    fields: ["role", "rated_uf", "tolerance_low_pct", "tolerance_high_pct", "range_low_uf", "range_high_uf", "reading_uf", "reading_word"],
    put: (raw, data) => {
      const word = one(raw.reading_word ?? "figure", ["figure", "OL", "short"], "reading_word");
      const reading = entry(raw.reading_uf, word !== "figure", "capacitance");
      const part = { label: labelOf(raw), readings: [reading], overLimit: word === "short" ? "shorted" : null, isIsolated: true };
      const record = at(data, "capacitor");
      if (record.label === "" || record.label === part.label) Object.assign(record, part);
      else record.second = { ...STATIONS.capacitor.blank.second, ...part };
    },
  },
  "capacitor-running": {
    fields: ["rated_uf", "tolerance_low_pct", "tolerance_high_pct", "range_low_uf", "range_high_uf", "amps", "volts"],
    put: (raw, data) => {
      const record = at(data, "capacitor");
      const sections = [{ amps: entry(raw.amps, false, "current"), volts: entry(raw.volts, false, "voltage") }];
      Object.assign(record, { label: record.label || labelOf(raw), running: { sections, hertz: "", isStartDeviceOut: true } });
    },
  },
  "winding-ohms": {
    fields: ["pairs"],
    put: (raw, data) => {
      const pairs = raw.pairs as { a: string; b: string; ohm: number | null; over_limit: boolean }[];
      const names = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))];
      Object.assign(at(data, "windings"), {
        posts: names.map((name) => ({ name, mark: null, x: 0.5, y: 0.5 })),
        pairs: pairs.map(({ a, b, ohm, over_limit: isOver }) => ({
          a: names.indexOf(a),
          b: names.indexOf(b),
          entry: entry(ohm, isOver, "resistance"),
        })),
      });
    },
  },
  "frame-ohms": {
    fields: ["ohm", "over_limit"],
    put: (raw, data) => {
      const reading = entry(raw.ohm, raw.over_limit, "resistance");
      at(data, "frame").readings = [reading, reading, reading];
    },
  },
  insulation: {
    fields: ["megohm", "lower_bound", "temperature_c"],
    put: (raw, data) => {
      const text = `${raw.lower_bound === true ? ">" : ""}${String(raw.megohm)}M`;
      Object.assign(at(data, "insulation"), {
        together: entry(0, false, "insulation"),
        apart: entry(null, true, "insulation"),
        temperature: maybe(raw.temperature_c, "temperature"),
        isDisconnected: true,
        isInVacuum: false,
        joining: "joined",
        cells: [{ a: "all", b: "frame", entry: takeReading(text, "insulation", DEFAULT_METER, AT).entry }],
        isDischarged: true,
      });
    },
  },
  "switch-ohms": {
    fields: OF_CONTACT,
    put: (raw, data) => {
      const contact = (ohm: unknown, isOver: unknown): Entry | null =>
        ohm == null && isOver !== true ? null : entry(ohm, isOver, "resistance");
      const record = at(data, "start-gear");
      record.sort = "switch";
      record.switch = {
        ...(record.switch as object),
        isCoverSeated: raw.cover_seated ?? null,
        clicksBack: raw.clicks_back ?? null,
        atRest: contact(raw.at_rest_ohm, raw.at_rest_over_limit),
        actuated: raw.actuated_not_measured === true ? null : contact(raw.actuated_ohm, raw.actuated_over_limit),
      };
    },
  },
  "relay-ohms": {
    fields: ["kind", "coil_ohm", "coil_over_limit", "contact_ohm", "contact_over_limit", "unplugged"],
    put: (raw, data) => {
      const record = at(data, "start-gear");
      record.sort = one(`${String(raw.kind)}-relay`, GEAR_SORTS, "kind");
      record.relay = {
        isUnplugged: raw.unplugged ?? null,
        coil: entry(raw.coil_ohm, raw.coil_over_limit, "resistance"),
        contact: entry(raw.contact_ohm, raw.contact_over_limit, "resistance"),
      };
    },
  },
  "ptc-ohms": {
    fields: ["cold_ohm", "cold_over_limit"],
    put: (raw, data) => {
      const record = at(data, "start-gear");
      record.sort = "ptc";
      record.ptc = { isCold: true, cold: entry(raw.cold_ohm, raw.cold_over_limit, "resistance"), hot: null };
    },
  },
  "supply-voltage": {
    fields: ["idle_v", "starting_v", "call", "at_disconnect_v"],
    put: (raw, data) =>
      Object.assign(at(data, "supply"), {
        standing: maybe(raw.idle_v, "voltage"),
        starting: maybe(raw.starting_v, "voltage"),
        atDisconnect: maybe(raw.at_disconnect_v, "voltage"),
        call: raw.call == null ? null : one(raw.call, ["calls", "no-call"], "call"),
      }),
  },
  "run-behaviour": {
    fields: ["does"],
    put: ({ does }, data) => {
      const known = { starts: "starts", pushed: "only-pushed", hums: "hums", nothing: "dead", trips: "trips" } as const;
      at(data, "run-test").behaviour = known[one(does, ["starts", "pushed", "hums", "nothing", "trips"], "does")];
    },
  },
  "run-amps": {
    fields: ["amps"],
    put: ({ amps }, data) => Object.assign(at(data, "run-test"), { lineAmps: entry(amps, false, "current") }),
  },
  "start-winding-amps": {
    fields: ["amps"],
    put: ({ amps }, data) => Object.assign(at(data, "run-test"), { startAmps: entry(amps, false, "current") }),
  },
  speed: { fields: ["rpm"], put: ({ rpm }, data) => Object.assign(at(data, "run-test"), { speed: entry(rpm, false, "speed") }) },
  "start-time": { fields: ["s"], put: ({ s }, data) => Object.assign(at(data, "run-test"), { startTime: entry(s, false, "duration") }) },
  noise: {
    fields: ["words"],
    put: ({ words }, data) => {
      const known = ["quiet", "hum", "squeal", "rumble", "rattle", "scrape"] as const;
      at(data, "run-test").noises = (words as string[]).map((word) => one(word, known, "words"));
    },
  },
  temperature: {
    fields: ["warmth"],
    put: ({ warmth }, data) => Object.assign(at(data, "run-test"), { warmth: one(warmth, ["cool", "warm", "hot"], "warmth") }),
  },
  "uncoupled-run": {
    fields: ["runs"],
    put: ({ runs }, data) => Object.assign(at(data, "uncoupled-run"), { result: runs === true ? "runs" : "does-not-run" }),
  },
};

const MOTOR_FIELDS = [
  "type",
  "machine",
  "supply_v",
  "f_hz",
  "full_load_a",
  "full_load_rpm",
  "run_capacitor_uf",
  "start_capacitor_uf",
  "power_w",
  "drive",
];

function refuseUnknown(where: string, record: Readonly<Record<string, unknown>>, known: readonly string[]): void {
  const unknown = Object.keys(record).filter((field) => !known.includes(field));
  if (unknown.length > 0) throw new Error(`${where}: unknown ${unknown.join(", ")}`);
}

/**
 * A case as the traveller that would hold it: what was said, the plate, and every finding keyed at its own station.
 * @errors throws for a kind of finding, or a field, that nothing here knows: nothing is left out unseen
 */
export function toEntries(
  motor: Readonly<Record<string, unknown>>,
  complaints: readonly string[],
  findings: readonly RawFinding[],
  areNamesMarks = false,
): StationEntries {
  refuseUnknown("motor", motor, MOTOR_FIELDS);
  const text = (field: string): string => (motor[field] == null ? "" : String(motor[field]));
  const microfarads = (field: string, role: string): string => (motor[field] == null ? "" : `${text(field)} µF ${role}`);
  const [run, start] = [microfarads("run_capacitor_uf", "run"), microfarads("start_capacitor_uf", "start")];
  const data: Data = {
    plate: {
      ...STATIONS.plate.blank,
      motorType: motor.type,
      machineKind: motor.machine,
      drive: motor.drive ?? null,
      volts: text("supply_v"),
      hertz: text("f_hz"),
      amps: text("full_load_a"),
      rpm: text("full_load_rpm"),
      power: motor.power_w == null ? "" : `${text("power_w")} W`,
      capacitor: run || start,
      secondCapacitor: run && start ? start : "",
    },
    complaint: { ...STATIONS.complaint.blank, complaints: [...complaints] },
  };
  for (const raw of findings) {
    const kind = Object.hasOwn(KINDS, raw.test) ? KINDS[raw.test] : undefined;
    if (!kind) throw new Error(`unknown kind of finding: ${raw.test}`);
    refuseUnknown(raw.test, raw, ["test", ...kind.fields]);
    kind.put(raw, data);
  }
  // In the first schema C, R and S at the leads are the maker's marks; in the second they are names.
  if (areNamesMarks && data.windings) {
    const posts = data.windings.posts as { name: string }[];
    data.windings.posts = posts.map((post) => ({ ...post, mark: markLikeName(post.name) }));
  }
  return Object.fromEntries(Object.entries(data).map(([id, each]) => [id, { skippedReason: null, data: each }]));
}
