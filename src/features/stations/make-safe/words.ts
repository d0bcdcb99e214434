import { formatQuantity } from "@/core/quantity";
import type { HouseFigures } from "@/core/house";
import type { STATIONS } from "@/core/stations";
import type { IsolationStep, SafetyLack } from "@/core/stations/make-safe";
import { clockTime } from "@/features/vocabulary/clock";

export type Detail = ReturnType<(typeof STATIONS)["make-safe"]["assess"]>["detail"];

export const STEP_WORDS: Record<IsolationStep, string> = {
  "control-off": "Control off",
  "breaker-locked": "Breaker or disconnect off and locked",
  unplugged: "Unplugged",
  "gas-off": "Gas off",
  "rotor-still": "Rotor at standstill, belt off",
  "interlocks-noted": "Door and interlock switches noted, none defeated",
};

export const STEPS = (Object.keys(STEP_WORDS) as IsolationStep[]).map((id) => ({ id, label: STEP_WORDS[id] }));

const LACK_WORDS: Record<SafetyLack, string> = {
  "not-isolated": "breaker locked off or plug pulled",
  "meter-not-proven": "meter proven on a live source",
  "circuit-not-proven": "circuit measured dead",
  "circuit-before-isolated": "circuit measured once more, now that it is isolated",
  "meter-not-proven-again": "meter proven again",
  "capacitor-not-measured": "capacitor volts measured",
  "capacitor-before-isolated": "capacitor measured once more, now that it is isolated",
};

/** A stretch that is over, as one says it afterwards. */
function wasDead({ from, to, circuitV, capacitorV }: Detail["stretches"][number]): string {
  const volts = (value: number | null, where: string): string[] => (value === null ? [] : [`${formatQuantity("voltage", value)} ${where}`]);
  const measured = [...volts(circuitV, "on the circuit"), ...volts(capacitorV, "left on the capacitor")].join(", ");
  const when = to === null ? `Was made safe at ${clockTime(from)}` : `Was dead from ${clockTime(from)} to ${clockTime(to)}`;
  return measured === "" ? `${when}.` : `${when}: ${measured}.`;
}

export function sentences(detail: Detail, { safeVolts, dischargeResistorOhm }: HouseFigures): string[] {
  const declared = detail.declaredAt.map((at) => `Declared safe without measuring at ${clockTime(at)}. This stays on the traveller.`);
  const volts = (value: number): string => formatQuantity("voltage", value);
  const isNowDead = detail.state === "measured" || detail.state === "declared";
  const before = detail.stretches.slice(0, isNowDead ? -1 : undefined).map(wasDead);
  switch (detail.state) {
    case "measured":
      return [
        `Dead since ${detail.safeAt ? clockTime(detail.safeAt) : ""}: ${detail.circuitV === null ? "" : `${volts(detail.circuitV)} on the circuit`}${detail.capacitorV === null ? "" : `, ${volts(detail.capacitorV)} left on the capacitor`}. The dead stretch is open.`,
        ...declared,
        ...before,
      ];
    case "over":
      return [...before, "It has power now. Dead tests need it made safe once more.", ...declared];
    case "declared":
      return [declared.at(-1) ?? "", "The dead stretch is open on your word. Measure when you can.", ...before];
    case "still-live":
      return [
        `${volts(detail.circuitV ?? 0)} on the circuit: it is live. ${detail.isUnplugged ? "Find the second feed and isolate it" : "If it has a plug, pull it; else find the second feed and isolate it"}; then measure again.`,
      ];
    case "charged":
      return [
        `${volts(detail.capacitorV ?? 0)} left on the capacitor: above ${volts(safeVolts)}. Discharge it through ${formatQuantity("resistance", dischargeResistorOhm)} and measure again.`,
      ];
    case "open":
      return [`Still to do: ${detail.lacks.map((lack) => LACK_WORDS[lack]).join(", ")}.`, ...declared, ...before];
  }
}

export function wordOf(detail: Detail): string | null {
  const words: Record<Detail["state"], string | null> = {
    open: null,
    over: "Was dead",
    measured: "Proven dead",
    declared: "Declared only",
    "still-live": "Still live",
    charged: "Charged",
  };
  return words[detail.state];
}
