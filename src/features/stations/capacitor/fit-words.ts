import { ratedUfOf, type JoinKind, type Refusal, type Remark, type Wanted } from "@/core/capacitor";
import { formatNumber } from "@/core/quantity";

const uf = (value: number): string => `${formatNumber(value, 2)} µF`;
const list = (values: readonly number[]): string => `${values.map((value) => formatNumber(value, 2)).join(" + ")} µF`;
const mm = (value: number): string => `${formatNumber(value, 0)} mm`;

const REFUSALS: { readonly [Code in Refusal["code"]]: (r: Extract<Refusal, { code: Code }>) => string } = {
  "another-value": (r) => `${uf(r.ratedUf)} for ${uf(r.wantedUf)} (${r.percent < 0 ? "−" : "+"}${formatNumber(Math.abs(r.percent), 0)} %)`,
  "section-missing": (r) => `a section is missing: ${list(r.ratedUf)} for ${list(r.wantedUf)}`,
  "lower-volts": (r) => `${r.ratedV} V for ${formatNumber(r.wantedV, 0)} V: never lower`,
  "volts-unknown": () => "its label shows no volts",
  "other-kind": (r) => `a ${r.fitted} part for a ${r.wanted} part: never swapped`,
  "other-hertz": (r) => `${r.ratedHz.join("/")} Hz for ${r.wantedHz} Hz`,
  "too-cool": (r) => `made for ${r.maxC} °C, the air is ${formatNumber(r.ambientC, 0)} °C`,
  "not-cold-enough": (r) =>
    `made for ${formatNumber(r.minC, 0)} °C and warmer, it gets ${formatNumber(r.coldestC, 0)} °C: key the coldest air around it if it never does`,
  "too-wide": (r) => `${mm(r.diameterMm)} wide, the strap takes ${mm(r.strapMm)}`,
  "too-tall": (r) => `${mm(r.heightMm)} high, there is room for ${mm(r.spaceMm)}`,
  "too-few-terminals": (r) => `${r.terminals} terminals, ${r.wanted} are needed`,
  "none-left": () => "none left",
};

export const refusalWords = (refusal: Refusal): string => (REFUSALS[refusal.code] as (r: Refusal) => string)(refusal);

export const REMARK_WORDS: Record<Remark, string> = {
  "higher-volts": "bears more volts, which is right",
  "sixty-on-fifty": "made for 60 Hz: at 50 Hz and the same volts it carries less current and runs cooler",
  narrower: "narrower: pack the strap",
  "spare-section": "one section stays free: cap it",
  "hertz-unknown": "hertz not on its label",
  "temperature-unknown": "temperature not on its label",
  "size-unknown": "size not known: measure it",
  "no-line-mark": "no line mark: either terminal to the line",
};

/** What is looked for, in one line. */
export function wantedWords({ label, atLeastV, frequencyHz }: Wanted, isFromPlate: boolean): string {
  const value = label.sections
    .map((section) =>
      section.nominalUf === null
        ? `${formatNumber(section.lowUf ?? 0, 1)}–${formatNumber(section.highUf ?? 0, 1)}`
        : formatNumber(ratedUfOf(section), 2),
    )
    .join(" + ");
  const volts = atLeastV === null ? "volts not known: never less than the part taken out" : `${formatNumber(atLeastV, 0)} V or more`;
  const hertz = frequencyHz === null ? "" : `, ${formatNumber(frequencyHz, 0)} Hz`;
  return `Wanted: ${label.kind} part, ${value} µF, ${volts}${hertz} (${isFromPlate ? "by the plate" : "by the label"}).`;
}

export const JOIN_WORDS: Record<JoinKind, string> = {
  single: "alone",
  parallel: "in parallel",
  series: "in series",
  "(series)parallel": "first two in series, the third across them",
  "(parallel)series": "first two in parallel, the third in series",
};
