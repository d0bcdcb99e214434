import { inSentence } from "@/features/vocabulary/in-sentence";
import type { STATIONS } from "@/core/stations";
import { MOTOR_PARTS, PLACES, type MotorPart, type Place, type Step, type TakeApartRecord, type TrapId } from "@/core/stations/take-apart";
import { handPhrase } from "@/features/vocabulary/hand-words";
import { byId } from "@/core/kept";

export type Detail = ReturnType<(typeof STATIONS)["take-apart"]["assess"]>["detail"];
type Lack = Detail["lacks"][number];

export const PART_WORDS: Record<MotorPart, string> = {
  cover: "Cover",
  screw: "Screw",
  nut: "Nut",
  washer: "Washer",
  "spring-washer": "Spring washer",
  key: "Key",
  "set-screw": "Set screw",
  "retaining-ring": "Retaining ring",
  spacer: "Spacer",
  wheel: "Wheel",
  pulley: "Pulley",
  "end-bell": "End bell",
  rotor: "Rotor",
  bearing: "Bearing",
  "start-switch": "Start switch",
  other: "Something else",
};
export const PART_OPTIONS = MOTOR_PARTS.map((id) => ({ id, label: PART_WORDS[id] }));

export const PLACE_WORDS: Record<Place, string> = {
  "drive-end": "drive end",
  "other-end": "other end",
  shaft: "shaft",
  housing: "housing",
  mount: "mount",
};
export const PLACE_TITLES = byId(PLACES, (id) => PLACE_WORDS[id].replace(/^./, (letter) => letter.toUpperCase()));

/** Prompts at the known traps. */
export const TRAP_WORDS: Record<TrapId, string> = {
  "mark-bells": "Mark both end bells and the shell across the joint before they part.",
  "left-hand-thread": "Some hubs and nuts have a left-hand thread: look at the thread before force goes on.",
  "ease-do-not-hammer": "Penetrating oil and a puller on the hub or inner ring; never a hammer on the shaft.",
  "key-first": "The key comes out with it or falls: find it now, and list it.",
  "spring-washer-side": "Which end the spring washer sits at, and which way it is hollow: list it, a photo helps.",
  "ring-flies": "A retaining ring flies: a cloth over the pliers.",
  "oil-hole-up": "Oil holes and cups are up",
  "inner-ring-only": "Pressed on the ring that sits tight, to the shoulder",
  "ring-in-groove": "Retaining rings sit in their grooves all round",
  "spring-washer-in": "Spring washer is in, at its own end",
  "marks-meet": "Marks of end bells and shell meet",
  crosswise: "Through bolts drawn up crosswise, a fraction of a turn at a time",
  "even-gap": "Gap between bell and shell even all round, rotor free in the stator",
  "key-in": "Key is in its way, full length",
  "screw-on-flat": "Set screw tight, on its flat or its key",
  "wires-clear": "Wires clear of rotor, bolts and edges",
  "ground-restored": "Ground wire on bare metal",
};

export const counted = ({ part, name, count }: Pick<Step, "part" | "name" | "count">): string =>
  `${name.trim() || PART_WORDS[part]}${count > 1 ? ` × ${count}` : ""}`;

/** One step of the ledger: what, where, which way round. */
export function stepWords(step: Step): string {
  const where = step.place ? `, ${PLACE_WORDS[step.place]}` : "";
  const way = step.way.trim() ? `; ${step.way.trim()}` : "";
  return `${counted(step)}${step.isNew ? ", new" : ""}${where}${way}`;
}

/** How many of a line are back. */
export const backWords = ({ count, countBack }: Pick<Step, "count" | "countBack">): string => `${countBack} of ${count} are back`;

/** Why it does not close, each by name. */
export function lackWords(lack: Lack): string {
  switch (lack.kind) {
    case "part":
      return lack.step.countBack > 0
        ? `${stepWords(lack.step)}: ${backWords(lack.step)}; find the rest before power, or put in new ones`
        : `${stepWords(lack.step)} is left over`;
    case "same-mark":
      return `${lack.count} wires are called “${lack.mark}”: give each a name of its own`;
    case "wire":
      return `wire ${lack.wire.mark.trim() || "without a mark"} is not back${lack.wire.post.trim() ? ` at ${lack.wire.post.trim()}` : ""}`;
    case "trap":
      return `not ticked: ${inSentence(TRAP_WORDS[lack.trap])}`;
    case "turn-not-felt":
      return "turn it by hand and say how it turns";
    case "does-not-turn-free":
      return "it does not turn free and without play: open it again, before power";
  }
}

/** Word on the stamp. */
export const STATE_WORDS: Record<Detail["state"], string | null> = {
  "nothing-off": null,
  apart: "Open",
  ready: "All back",
  closed: "Closed",
};

export function sentences(detail: Detail): string[] {
  const { state, left, next } = detail;
  if (state === "nothing-off") return ["Press what comes off, in the order it comes off. Putting back walks the list from its end."];
  if (state === "closed") return ["Closed: all back, nothing left over, turns free."];
  if (state === "ready") return ["All back and seen to. Close it, then power."];
  const goesNext = next ? ` Goes back next: ${stepWords(next)}.` : "";
  return left > 0
    ? [`Open: ${left} ${left === 1 ? "line is" : "lines are"} not back. No power until it is closed.${goesNext}`]
    : ["All parts and wires are back. What is still to be seen to stands below."];
}

/** The ledger for the printed page. */
export function ledgerLines(record: TakeApartRecord): string[] {
  const off = record.steps.map(
    (step, index) => `${index + 1}. ${stepWords(step)}${step.backAt ? "" : step.countBack > 0 ? `, ${backWords(step)}` : ", not back"}`,
  );
  const wires = record.wires.map(({ mark, post, backAt }) => `${[mark, post].filter(Boolean).join(" to ")}${backAt ? "" : ", not back"}`);
  const after = handPhrase(record.after);
  return [
    ...(off.length > 0 ? [`Came off, in order: ${off.join("; ")}.`] : []),
    ...(wires.length > 0 ? [`Wires: ${wires.join("; ")}.`] : []),
    ...(after ? [`After it was put back: ${after}.`] : []),
  ];
}
