import type { MeasureId } from "../measure";
import type { RecordFault } from "./record-fault";

/**
 * Everything that is expected to go wrong, as data. The sentences live with the interface in one table
 * (features/messages/failure-sentences.ts); a test proves that every code has one.
 */
export type Failure =
  | { readonly code: "reading-empty"; readonly quantity: MeasureId }
  | { readonly code: "reading-not-a-number"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-no-figure"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-two-points"; readonly text: string }
  | { readonly code: "reading-gap"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-two-ways"; readonly text: string; readonly quantity: MeasureId; readonly values: readonly [number, number] }
  | { readonly code: "reading-negative"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-less-than"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-plus"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-wrong-unit"; readonly text: string; readonly unit: string; readonly quantity: MeasureId }
  | { readonly code: "reading-unit-ambiguous"; readonly text: string; readonly unit: string; readonly quantity: MeasureId }
  | { readonly code: "reading-unit-needed"; readonly text: string; readonly quantity: MeasureId }
  | { readonly code: "reading-fahrenheit"; readonly text: string; readonly celsius: number }
  | { readonly code: "reading-not-whole"; readonly text: string; readonly quantity: MeasureId }
  | {
      readonly code: "reading-out-of-range";
      readonly text: string;
      readonly quantity: MeasureId;
      readonly value: number;
      readonly min: number;
      readonly max: number;
    }
  | { readonly code: "label-empty" }
  | { readonly code: "label-no-capacitance"; readonly text: string }
  | { readonly code: "label-not-a-capacitor"; readonly text: string; readonly what: "motor" | "bearing" }
  | { readonly code: "label-two-ways"; readonly text: string; readonly readings: readonly [string, string] }
  | { readonly code: "label-no-volts"; readonly text: string }
  | { readonly code: "label-two-parts"; readonly text: string }
  | { readonly code: "price-of-both"; readonly text: string }
  | { readonly code: "label-range-reversed"; readonly lowUf: number; readonly highUf: number }
  | { readonly code: "running-volts-too-low"; readonly volts: number }
  | { readonly code: "running-no-current" }
  | { readonly code: "bearing-empty" }
  | { readonly code: "bearing-unknown"; readonly text: string; readonly meant: readonly string[] }
  | { readonly code: "bearing-two"; readonly text: string; readonly numbers: readonly [string, string] }
  | {
      readonly code: "bearing-size-misfit";
      readonly text: string;
      readonly number: string;
      readonly boreMm: number;
      readonly outsideMm: number;
      readonly widthMm: number;
    }
  | { readonly code: "seat-far-off"; readonly valueMm: number; readonly nominalMm: number; readonly number: string }
  | { readonly code: "search-failed"; readonly detail: string }
  | { readonly code: "study-failed"; readonly detail: string }
  | { readonly code: "model-does-not-converge" }
  | { readonly code: "motor-without-model"; readonly motorType: string }
  | { readonly code: "motor-hardly-known" }
  | { readonly code: "motor-amps-too-low"; readonly fullLoadA: number; readonly leastA: number; readonly powerW: number }
  | { readonly code: "motor-ohms-too-high"; readonly mainOhm: number; readonly mostOhm: number }
  | { readonly code: "photo-unreadable" }
  | { readonly code: "photo-not-a-picture"; readonly sort: "film" | "heic" | "other" }
  | { readonly code: "photo-nothing-on-it" }
  | { readonly code: "photo-work-failed"; readonly detail: string }
  | { readonly code: "sound-not-wav" }
  | { readonly code: "sound-too-coarse"; readonly sampleRateHz: number }
  | { readonly code: "sound-too-short"; readonly seconds: number }
  | { readonly code: "sound-too-long"; readonly seconds: number }
  | { readonly code: "photo-reader-missing" }
  | { readonly code: "photo-reader-failed"; readonly detail: string }
  | { readonly code: "plate-locked-amps"; readonly text: string }
  | { readonly code: "plate-service-amps"; readonly text: string }
  | { readonly code: "plate-not-ours"; readonly text: string; readonly sort: "three-phase" | "direct" }
  | { readonly code: "plate-speed-point"; readonly text: string; readonly withoutPoint: string }
  | { readonly code: "plate-fraction"; readonly text: string; readonly readings: readonly [string, string] }
  | {
      readonly code: "rpm-above-synchronous";
      readonly rpm: number;
      readonly maxRpm: number;
      readonly frequencyHz: number;
    }
  | { readonly code: "file-too-large"; readonly bytes: number; readonly maxBytes: number }
  | { readonly code: "file-not-json" }
  | { readonly code: "file-foreign" }
  | { readonly code: "file-newer"; readonly recordType: string; readonly found: number; readonly known: number }
  | { readonly code: "file-no-versions" }
  | { readonly code: "file-no-team" }
  | { readonly code: "file-own" }
  | { readonly code: "folder-failed"; readonly detail: string }
  | { readonly code: "import-cancelled" }
  | { readonly code: "export-cancelled" }
  | { readonly code: "profile-no-value" }
  | { readonly code: "profile-no-function" }
  | { readonly code: "profile-unknown-group"; readonly group: string }
  | { readonly code: "profile-group-twice"; readonly group: string }
  | { readonly code: "profile-groups-touch" }
  | { readonly code: "meter-way-missing"; readonly way: "serial" | "bluetooth" }
  | { readonly code: "meter-not-chosen" }
  | { readonly code: "meter-refused" }
  | { readonly code: "meter-taken" }
  | { readonly code: "meter-bridge-silent"; readonly address: string }
  | { readonly code: "meter-failed"; readonly detail: string }
  | { readonly code: "mock-code"; readonly text: string }
  | { readonly code: "storage-blocked" }
  | { readonly code: "storage-full" }
  | { readonly code: "storage-newer" }
  | { readonly code: "storage-failed"; readonly detail: string }
  | { readonly code: "card-gone" }
  | { readonly code: "change-misfit"; readonly fault: RecordFault };

export type FailureCode = Failure["code"];
