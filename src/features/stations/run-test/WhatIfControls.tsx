"use client";
import { Slider } from "radix-ui";
import { FAULTS, faultsFor, type Fault, type Machine } from "@/core/motor";
import { formatNumber } from "@/core/quantity";
import type { Tried } from "./what-if-cases";
import { faultWords } from "./words";

interface ControlsProps {
  readonly machine: Machine;
  readonly plateUf: number | null;
  readonly tried: Tried;
  readonly onTry: (tried: Tried) => void;
  readonly onReset: () => void;
}

/** The capacitor can be tried from nothing to this many times the plate's value. */
const MOST_TIMES = 2;
const VOLTS = { low: 0.7, high: 1.2 } as const;
const keyOf = (fault: Fault | null): string => (fault ? `${fault.id} ${fault.level}` : "");

/** Sliders and a fault to choose; thumbs are large, arrows and page keys move them. */
export function WhatIfControls({ machine, plateUf, tried, onTry, onReset }: ControlsProps) {
  const faults = faultsFor(machine.topology).flatMap((id) => FAULTS[id].levels.map((level): Fault => ({ id, level })));
  return (
    <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-2">
      {plateUf !== null ? (
        <TrySlider
          label="Capacitance"
          unit="µF"
          decimals={plateUf < 20 ? 1 : 0}
          value={tried.capacitanceUf ?? plateUf}
          from={0}
          to={MOST_TIMES * plateUf}
          step={plateUf < 20 ? 0.1 : 1}
          mark={plateUf}
          onValue={(capacitanceUf) => onTry({ ...tried, capacitanceUf })}
        />
      ) : null}
      <TrySlider
        label="Supply volts"
        unit="V"
        decimals={0}
        value={tried.supplyV}
        from={Math.round(VOLTS.low * machine.supplyV)}
        to={Math.round(VOLTS.high * machine.supplyV)}
        step={1}
        mark={machine.supplyV}
        onValue={(supplyV) => onTry({ ...tried, supplyV })}
      />
      <label className="min-w-0">
        <span className="caption block">With a fault</span>
        <select
          className="min-h-[44px] w-full border-[1.5px] border-ink bg-sheet px-2 text-[15px]"
          value={keyOf(tried.fault)}
          onChange={({ target }) => onTry({ ...tried, fault: faults.find((fault) => keyOf(fault) === target.value) ?? null })}
        >
          <option value="">None</option>
          {faults.map((fault) => (
            <option key={keyOf(fault)} value={keyOf(fault)}>
              {faultWords(fault)}
            </option>
          ))}
        </select>
      </label>
      <button type="button" className="btn justify-self-start" onClick={onReset}>
        Back to the plate
      </button>
    </div>
  );
}

interface TrySliderProps {
  readonly label: string;
  readonly unit: string;
  readonly decimals: number;
  readonly value: number;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  /** the plate's figure, drawn under the track */
  readonly mark: number;
  readonly onValue: (value: number) => void;
}

function TrySlider({ label, unit, decimals, value, from, to, step, mark, onValue }: TrySliderProps) {
  const shown = `${formatNumber(value, decimals)} ${unit}`;
  return (
    <div className="min-w-0">
      <p className="flex justify-between">
        <span className="caption">{label}</span>
        <span className="num text-[18px] font-medium">{shown}</span>
      </p>
      <Slider.Root
        className="relative flex h-[44px] touch-none items-center select-none"
        value={[value]}
        min={from}
        max={to}
        step={step}
        onValueChange={([next]) => next !== undefined && onValue(next)}
      >
        <Slider.Track className="relative h-[3px] w-full bg-ink">
          <span
            aria-hidden="true"
            className="absolute top-[3px] h-2.5 w-[2px] -translate-x-1/2 bg-ink"
            style={{ left: `${((mark - from) / (to - from)) * 100}%` }}
          />
        </Slider.Track>
        <Slider.Thumb
          aria-label={label}
          aria-valuetext={shown}
          className="block h-[30px] w-[18px] border-2 border-ink bg-press outline-none focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-press"
        />
      </Slider.Root>
    </div>
  );
}
