import type { MachineKind, MotorType } from "@/core/trade";
import { assessTraveller } from "@/core/traveller";
import { DEFAULT_METER, toHouseFigures } from "@/core/house";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { STATIONS } from "@/core/stations";
import { studyNow } from "@/core/study/answer";
import type { WindingsDetail } from "@/core/stations/windings";
import type { Miss, ReferenceCase } from "./case-file";

const HOUSE = toHouseFigures({});
const read = (text: string, quantity: Quantity): Entry => takeReading(text, quantity, DEFAULT_METER, "2026-01-01T00:00:00.000Z").entry;

interface Inputs {
  readonly motor_type: MotorType;
  readonly machine: MachineKind;
  readonly posts: readonly string[];
  readonly readings: readonly { a: string; b: string; ohm: number | null; over_limit: boolean }[];
  readonly capacitance: readonly { a: string; b: string; uf: number }[];
}
interface Listed {
  readonly kind: string;
  readonly a: string;
  readonly b: string;
}

const KINDS: Readonly<Record<string, string>> = { main: "main", aux: "start", section: "section", half: "main", coil: "main" };

/** Posts joined by a protector count as one: the meter can hardly tell its sides. */
function joinedBy(listed: readonly Listed[]): (post: string) => string {
  const protector = listed.find(({ kind }) => kind === "protector");
  return (post) => (protector && post === protector.b ? protector.a : post);
}

const keyOf = ({ kind, a, b }: Listed, joined: (post: string) => string): string =>
  `${kind} ${(kind === "protector" ? [a, b] : [joined(a), joined(b)]).sort().join("-")}`;

/** What lies between which posts of a board, whatever its layout is called. */
export function checkBoard({ inputs, outputs }: ReferenceCase): Miss[] {
  const { motor_type, machine, posts, readings, capacitance } = inputs as unknown as Inputs;
  const at = (post: string): number => posts.indexOf(post);
  const pairs = [
    ...readings.map(({ a, b, ohm, over_limit: isOver }) => ({
      a: at(a),
      b: at(b),
      // The meter of these cases shows tenths: its last digit is part of what it showed.
      entry: read(isOver || ohm === null ? "OL" : ohm.toFixed(1), "resistance"),
    })),
    ...capacitance.map(({ a, b, uf }) => ({ a: at(a), b: at(b), entry: read(`${uf} uF`, "capacitance") })),
  ];
  // A pair with a capacitance is one reading: OL on ohms, microfarads on the other range.
  const kept = pairs.filter((pair, index) => !pairs.some((later, place) => place > index && later.a === pair.a && later.b === pair.b));
  const windings = { ...STATIONS.windings.blank, posts: posts.map((name) => ({ name, mark: null, x: 0.5, y: 0.5 })), pairs: kept };
  const plate = { ...STATIONS.plate.blank, motorType: motor_type, machineKind: machine };
  const { stations } = assessTraveller(
    { plate: { data: plate, skippedReason: null }, windings: { data: windings, skippedReason: null } },
    HOUSE,
    [],
    studyNow,
  );
  const { detail, findings, stamp } = stations.windings as typeof stations.windings & { detail: WindingsDetail };
  const isSettled = detail.three ? detail.three.kind === "named" : detail.board?.state === "settled";
  const misses: Miss[] = [];
  const expected = (outputs.elements ?? []) as Listed[];
  const hasProtector = expected.some(({ kind }) => kind === "protector");
  if (outputs.settled !== undefined && !hasProtector && outputs.settled !== isSettled)
    misses.push({ field: "settled", expected: outputs.settled, got: isSettled });
  if (outputs.sound === true) {
    const accused = findings.filter(({ weights }) => Object.keys(weights).some((outcome) => outcome !== "good"));
    if (stamp === "out" || accused.length > 0 || detail.elements.some(({ isFaulty }) => isFaulty))
      misses.push({ field: "sound", expected: true, got: accused.length > 0 ? accused.map(({ weights }) => weights) : stamp });
  }
  if (outputs.elements !== undefined && (isSettled || hasProtector || outputs.settled !== false)) {
    const joined = joinedBy(expected);
    const got = detail.elements.map(({ cls, posts: [a, b] }) =>
      keyOf({ kind: KINDS[cls] ?? cls, a: posts[a] ?? "", b: posts[b] ?? "" }, joined),
    );
    for (const each of expected)
      if (!got.includes(keyOf(each, joined))) misses.push({ field: "elements", expected: keyOf(each, joined), got });
  }
  // Something is wrong with it: a fault is among what is told.
  if (outputs.sound === false) {
    const told = detail.board?.answers.filter(({ structure }) => structure.fault !== null) ?? [];
    if (stamp !== "out" && told.length === 0) misses.push({ field: "sound", expected: false, got: detail.board?.state ?? stamp });
  }
  if (Array.isArray(outputs.groups)) {
    const written = (groups: readonly (readonly string[])[]): string =>
      groups
        .map((each) => [...each].sort().join(" "))
        .sort()
        .join(" | ");
    const got = written((detail.board?.groups ?? []).map((group) => group.posts.map((post) => posts[post] ?? "")));
    const wanted = written(outputs.groups as string[][]);
    if (got !== wanted) misses.push({ field: "groups", expected: wanted, got });
  }
  return misses;
}
