"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { TickTimes } from "@/components/TickTimes";
import { formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { BLANK_ROUND, ISOLATION_STEPS, type IsolationStep, type SafetyLack } from "@/core/stations/make-safe";
import { clockTime } from "@/features/shell/clock";
import type { InstrumentProps, StationView } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";

type Detail = ReturnType<(typeof STATIONS)["make-safe"]["assess"]>["detail"];

const STEP_WORDS: Record<IsolationStep, string> = {
  "control-off": "Control off",
  "breaker-locked": "Breaker or disconnect off and locked",
  unplugged: "Unplugged",
  "rotor-still": "Rotor at standstill, belt off",
  "interlocks-noted": "Door and interlock switches noted, none defeated",
};
const STEPS = ISOLATION_STEPS.map((id) => ({ id, label: STEP_WORDS[id] }));

const LACK_WORDS: Record<SafetyLack, string> = {
  "not-isolated": "breaker locked off or plug pulled",
  "meter-not-proven": "meter proven on a live source",
  "circuit-not-proven": "circuit measured dead",
  "meter-not-proven-again": "meter proven again",
  "capacitor-not-measured": "capacitor volts measured",
};

function sentences(detail: Detail, safeVolts: number): string[] {
  const declared = detail.declaredAt.map((at) => `Declared safe without measuring at ${clockTime(at)}. This stays on the traveller.`);
  const volts = (value: number): string => formatQuantity("voltage", value);
  switch (detail.state) {
    case "measured":
      return [
        `Dead since ${detail.safeAt ? clockTime(detail.safeAt) : ""}: ${detail.circuitV === null ? "" : `${volts(detail.circuitV)} on the circuit`}${detail.capacitorV === null ? "" : `, ${volts(detail.capacitorV)} left on the capacitor`}. The dead stretch is open.`,
        ...declared,
      ];
    case "declared":
      return [declared.at(-1) ?? "", "The dead stretch is open on your word. Measure when you can."];
    case "still-live":
      return [`${volts(detail.circuitV ?? 0)} on the circuit: it is live. Find the second feed and isolate it; then measure again.`];
    case "charged":
      return [
        `${volts(detail.capacitorV ?? 0)} left on the capacitor: above ${volts(safeVolts)}. Discharge it through a resistor of 10 to 20 kΩ and measure again.`,
      ];
    case "open":
      return [`Still to do: ${detail.lacks.map((lack) => LACK_WORDS[lack]).join(", ")}.`, ...declared];
  }
}

function Instrument({ record, assessment, house, change }: InstrumentProps<"make-safe", Detail>) {
  const { round } = record;
  const { detail } = assessment;
  const set = (part: Partial<typeof round>) => change((r) => ({ ...r, round: { ...r.round, ...part } }));
  return (
    <FieldFlow className="flex flex-col gap-5">
      <TickTimes
        legend="Isolate"
        steps={STEPS}
        times={round.steps}
        show={clockTime}
        onToggle={(id) =>
          change((r) => {
            const { [id]: done, ...others } = r.round.steps;
            return {
              ...r,
              round: { ...r.round, steps: done === undefined ? { ...others, [id]: new Date().toISOString() } : others },
            };
          })
        }
      />
      <div className="grid gap-5 lg:grid-cols-[1fr_246px]">
        <div className="grid grid-cols-1 content-start gap-4 sm:grid-cols-2">
          <EntryField
            label="Meter on a live source, before"
            quantity="voltage"
            entry={round.provenLive}
            house={house}
            onEntry={(provenLive) => set({ provenLive })}
          />
          <EntryField
            label="The circuit to be worked on"
            quantity="voltage"
            entry={round.circuitDead}
            house={house}
            onEntry={(circuitDead) => set({ circuitDead })}
          />
          <EntryField
            label="Meter on a live source, after"
            quantity="voltage"
            entry={round.provenLiveAgain}
            house={house}
            onEntry={(provenLiveAgain) => set({ provenLiveAgain })}
          />
          {round.hasNoCapacitor ? (
            <p className="caption self-end pb-2">No capacitor fitted: no charge to measure.</p>
          ) : (
            <EntryField
              label="Left on the capacitor"
              quantity="voltage"
              entry={round.capacitorVolts}
              house={house}
              onEntry={(capacitorVolts) => set({ capacitorVolts })}
            />
          )}
          <label className="flex min-h-[44px] items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              className="h-5 w-5 accent-press"
              checked={round.hasNoCapacitor}
              onChange={() => set({ hasNoCapacitor: !round.hasNoCapacitor })}
            />
            No capacitor fitted
          </label>
        </div>
        <KeyPad extras={PAD_EXTRAS.voltage} />
      </div>
      <Verdict assessment={assessment} word={wordOf(assessment.detail)} sentences={sentences(detail, house.figures.safeVolts)} />
      <div className="flex flex-wrap gap-2">
        {detail.state === "open" ? (
          <button type="button" className="btn" onClick={() => set({ declared: { at: new Date().toISOString(), by: house.technician } })}>
            Declare safe without measuring
          </button>
        ) : null}
        {detail.safeAt ? (
          <button type="button" className="btn" onClick={() => change((r) => ({ earlier: [...r.earlier, r.round], round: BLANK_ROUND }))}>
            Make safe once more
          </button>
        ) : null}
      </div>
    </FieldFlow>
  );
}

function wordOf(detail: Detail): string | null {
  const words: Record<Detail["state"], string | null> = {
    open: null,
    measured: "Proven dead",
    declared: "Declared only",
    "still-live": "Still live",
    charged: "Charged",
  };
  return words[detail.state];
}

export const makeSafeView: StationView<"make-safe", Detail> = {
  title: "Make safe",
  letter: "s",
  brief: ({ detail }) => wordOf(detail),
  say: (record, { detail }) => {
    const done = STEPS.filter(({ id }) => record.round.steps[id] !== undefined).map(
      ({ id, label }) => `${label} ${clockTime(record.round.steps[id] ?? "")}`,
    );
    return [...sentences(detail, 30), ...(done.length > 0 ? [`${done.join("; ")}.`] : [])];
  },
  Instrument,
};
