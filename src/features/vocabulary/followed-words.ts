import { formatNumber, formatQuantity } from "@/core/quantity";
import type { Followed } from "@/core/traveller";
import type { Trended } from "@/core/trend";

interface FollowedWords {
  readonly name: string;
  /** unit, and the condition it is followed at */
  readonly unit: string;
  readonly figure: (value: number) => string;
}

/** What is followed over the visits, in words. */
export const FOLLOWED_WORDS: Record<Followed, FollowedWords> = {
  capacitor: { name: "Run capacitor", unit: "µF", figure: (value) => formatQuantity("capacitance", value) },
  "start-capacitor": { name: "Start capacitor", unit: "µF", figure: (value) => formatQuantity("capacitance", value) },
  "main-winding": { name: "Main winding", unit: "Ω at 20 °C", figure: (value) => formatQuantity("resistance", value) },
  "start-winding": { name: "Start winding", unit: "Ω at 20 °C", figure: (value) => formatQuantity("resistance", value) },
  insulation: { name: "Insulation", unit: "MΩ at 40 °C", figure: (value) => `${formatNumber(value, value < 10 ? 1 : 0)} MΩ` },
  "line-amps": { name: "Line amps", unit: "% of the plate", figure: (value) => `${formatNumber(value, 0)} %` },
  speed: { name: "Speed", unit: "rpm", figure: (value) => formatQuantity("speed", value) },
  shell: { name: "Shell temperature", unit: "°C", figure: (value) => formatQuantity("temperature", value) },
  "coast-down": { name: "Coast-down", unit: "s", figure: (value) => `${formatNumber(value, 1)} s` },
};

/** What the figures of all visits say, in a word or two. */
export function trendWords(of: Followed, trended: Trended, renewed: { readonly from: number; readonly to: number } | null = null): string {
  const { figure } = FOLLOWED_WORDS[of];
  if (renewed) {
    const now = trended.kind === "changes" ? `, now ${figure(trended.to)}` : trended.kind === "steady" ? ", steady since" : "";
    return `${figure(renewed.from)} → ${figure(renewed.to)}${now}`;
  }
  switch (trended.kind) {
    case "none":
      return "";
    case "one":
      return figure(trended.value);
    case "steady":
      return "steady";
    case "changes":
      return `${figure(trended.from)} → ${figure(trended.to)}`;
    case "halves":
      return trended.months < 36
        ? `halves in ${formatNumber(trended.months, 0)} months`
        : `halves in ${formatNumber(trended.months / 12, 1)} years`;
  }
}
