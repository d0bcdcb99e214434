import { formatNumber } from "@/core/quantity";
import type { Failure } from "@/core/result";
import { quoted, toSentence, type MachineCode } from "./failure-sentences";

type MachineFailure = Extract<Failure, { readonly code: MachineCode }>;
type Sentences = { readonly [Code in MachineCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever is wrong with a plate, a bearing, or what the machine model makes of them. */
const MACHINE_SENTENCES: Sentences = {
  "bearing-empty": () => "Type the number stamped on the ring or seal, for example 6203-2RS C3, with ? for a sign you cannot read.",
  "bearing-unknown": ({ text, meant }) =>
    `No deep-groove size of the table fits “${text}”.${meant.length > 0 ? ` Was ${meant.join(" or ")} meant?` : ""} Type the number of the ring, for example 6203 or R8, with ? for each sign you cannot read, or measure bore, outside and width.`,
  "bearing-two": ({ text, numbers: [first, second] }) =>
    `${quoted(text)} names two bearings. Type ${first} here and ${second} at its own end.`,
  "bearing-size-misfit": ({ text, number, boreMm, outsideMm, widthMm }) =>
    `${quoted(text)} does not go together: ${number} is ${formatNumber(boreMm, 4)} × ${formatNumber(outsideMm, 4)} × ${formatNumber(widthMm, 4)} mm. Read the stamp again, or measure and type the number alone.`,
  "seat-far-off": ({ valueMm, nominalMm, number }) =>
    `${formatNumber(valueMm, 3)} mm belongs to no ${number}, which asks for ${formatNumber(nominalMm, 3)} mm. Type the diameter in millimetres, for example ${formatNumber(nominalMm - 0.01, 3)}, or write in behind inches.`,
  "search-failed": ({ detail }) =>
    `The search stopped${detail ? ` (${detail})` : ""}. Close the sheet and open it again; the list is unchanged.`,
  "study-failed": ({ detail }) => `This could not be worked out${detail ? ` (${detail})` : ""}. Reload the page; nothing is lost.`,
  "model-does-not-converge": () =>
    "The machine model finds no answer for these figures. Check the plate's volts, amps and rpm and the winding ohms, and type them again.",
  "motor-without-model": ({ motorType }) =>
    `The machine model needs a start winding, and a ${motorType} motor has none to speak of. Type its plate amps: current is judged by those.`,
  "motor-hardly-known": () =>
    "Too little is known of this motor to say what it should draw. Type its plate amps or power, its winding ohms, or its capacitor.",
  "motor-amps-too-low": ({ fullLoadA, leastA, powerW }) =>
    `The plate's ${formatNumber(fullLoadA, 2)} A cannot bring ${formatNumber(powerW, 0)} W to the shaft: that takes ${formatNumber(leastA, 1)} A at least. Check amps, power and volts on the plate, and type what it says.`,
  "motor-ohms-too-high": ({ mainOhm, mostOhm }) =>
    `A run winding of ${formatNumber(mainOhm, 1)} Ω would use up all the power of this plate; up to ${formatNumber(mostOhm, 1)} Ω belongs to it. Check the ohms and which winding is which, then type them again, or correct the plate.`,
  "plate-locked-amps": ({ text }) =>
    `${quoted(text)} are locked-rotor amps, which flow for a moment at the start. Type the full-load amps, for example 6.2.`,
  "plate-service-amps": ({ text }) =>
    `${quoted(text)} are the amps that the service factor allows, more than full load. Type the full-load amps, for example 6.2.`,
  "plate-not-ours": ({ text, sort }) =>
    sort === "three-phase"
      ? `${quoted(text)} are the volts of three phases, and motors of one phase are judged here. Choose what it is under Sort of motor, or type the volts of one phase, for example 230.`
      : `${quoted(text)} are direct volts, and motors on alternating ones are judged here. Choose what it is under Sort of motor, or type the alternating volts, for example 230.`,
  "plate-speed-point": ({ text, withoutPoint }) =>
    `${quoted(text)} has a point in it, and plates give speeds in whole turns. Type it without, for example ${withoutPoint}.`,
  "plate-fraction": ({ text, readings: [first, second] }) =>
    `${quoted(text)} could be ${first} or ${second}. Type the one that is meant, for example ${first}.`,
  "rpm-above-synchronous": ({ rpm, maxRpm, frequencyHz }) =>
    `${formatNumber(rpm, 0)} rpm is faster than any induction motor on ${formatNumber(frequencyHz, 0)} Hz can turn (${formatNumber(maxRpm, 0)}). Type the full-load speed from the plate.`,
};

const isOfMachine = (failure: Failure): failure is MachineFailure => Object.hasOwn(MACHINE_SENTENCES, failure.code);

/** The sentence for a failure of a plate, a bearing or the machine model, or of anything else that is keyed. */
export const toMachineSentence = (failure: Failure): string =>
  isOfMachine(failure) ? (MACHINE_SENTENCES[failure.code] as (failure: MachineFailure) => string)(failure) : toSentence(failure);
