import type { Failure } from "@/core/result";
import { quoted, toSentence, type MeterCode } from "./failure-sentences";

type MeterFailure = Extract<Failure, { readonly code: MeterCode }>;
type Sentences = { readonly [Code in MeterCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever is wrong with the line of a meter. */
const METER_SENTENCES: Sentences = {
  "profile-no-value": () => "Nothing says where the figure stands. Write <value> in its place, for example <value> <unit>.",
  "profile-no-function": () =>
    "Nothing says whether a figure is ohms or volts. Write <unit> or <function> where it stands, or choose what this meter measures.",
  "profile-unknown-group": ({ group }) =>
    `${quoted(`<${group}>`)} is no part of a line. Write <value>, <unit>, <function>, or <any> for what does not matter.`,
  "profile-group-twice": ({ group }) => `${quoted(`<${group}>`)} stands there twice. Leave one, and write <any> for what does not matter.`,
  "profile-groups-touch": () => "Two parts touch, and nothing says where one ends. Write the sign that parts them, or a gap.",
  "meter-way-missing": ({ way }) =>
    `This browser opens no ${way === "serial" ? "serial line" : "Bluetooth"}. Open the program in one that does, take a bridge on this machine, or key the figures.`,
  "meter-not-chosen": () => "No meter was chosen. Plug it in and switch its link on, then open the line again.",
  "meter-refused": () =>
    "The browser was not allowed to use it. Allow it beside the address, then open the line again. Figures can be keyed meanwhile.",
  "meter-taken": () => "The port does not open: another program or another tab may have it. Close that one, then open the line again.",
  "meter-bridge-silent": ({ address }) =>
    `Nothing answers at ${address}. Start the program that speaks with the meter, look at its port, then open the line again.`,
  "meter-failed": ({ detail }) =>
    `The line did not open${detail ? ` (${detail})` : ""}. Unplug the meter, plug it in again, and open the line once more.`,
};

const isOfMeter = (failure: Failure): failure is MeterFailure => failure.code in METER_SENTENCES;

/** Words for whatever is wrong with a meter's line. */
export const toMeterSentence = (failure: Failure): string =>
  isOfMeter(failure) ? (METER_SENTENCES[failure.code] as (failure: MeterFailure) => string)(failure) : toSentence(failure);
