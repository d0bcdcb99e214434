import type { Drive, MachineKind } from "../trade";
import type { SwapAction } from "./swap-table";

/** What is seen to once the part is in. */
interface FittedPlace {
  readonly works: readonly SwapAction[];
  readonly machineKind: MachineKind;
  readonly drive: Drive | null;
  readonly burnsGas: boolean | null;
  /** speed leads of the new motor that are not used */
  readonly spareLeads: number;
  readonly isAdapted: boolean;
}

const HAS_WHEEL: readonly MachineKind[] = ["fan", "blower"];
const WORKS_ON_SHAFT: readonly SwapAction[] = ["replace-motor", "replace-bearings"];
const isNew = ({ works }: FittedPlace): boolean => works.includes("replace-motor");
const opens = ({ works }: FittedPlace): boolean => works.some((work) => WORKS_ON_SHAFT.includes(work));
const hasCapacitor = ({ works }: FittedPlace): boolean =>
  works.includes("replace-run-capacitor") || works.includes("replace-start-capacitor");

/**
 * Lines to be ticked after fitting, each on the machines and works it belongs to. Ids are persisted.
 * @source trade rules for fitting a motor: ground, set screw, wheel, leads, joins, covers
 */
const AFTER_FITTING = {
  "ground-to-bare-metal": isNew,
  "leads-capped": (place: FittedPlace) => isNew(place) && place.spareLeads > 0,
  "joins-sleeved": (place: FittedPlace) => isNew(place) || place.works.includes("repair-wiring-or-supply"),
  "screw-on-flat": (place: FittedPlace) => opens(place) && place.drive !== "belt",
  "wheel-centred": (place: FittedPlace) => opens(place) && HAS_WHEEL.includes(place.machineKind) && place.drive !== "belt",
  "belt-tension": (place: FittedPlace) => opens(place) && place.drive === "belt",
  "mount-tight": (place: FittedPlace) => isNew(place) || place.isAdapted,
  "strap-holds": hasCapacitor,
  "terminals-covered": (place: FittedPlace) => hasCapacitor(place) || place.works.includes("replace-start-relay"),
  "wires-clear-of-wheel": (place: FittedPlace) => isNew(place) || opens(place),
  "cover-and-flue": ({ burnsGas }: FittedPlace) => burnsGas === true,
  "gas-by-licensed": ({ burnsGas }: FittedPlace) => burnsGas === true,
} as const satisfies Record<string, (place: FittedPlace) => boolean>;
export type AfterFitting = keyof typeof AFTER_FITTING;

/**
 * Lines that belong to what was done on this machine.
 * @param place works, machine, drive, and what the new motor brings along
 * @returns ids of lines, in the order of the hands
 */
export const afterFitting = (place: FittedPlace): readonly AfterFitting[] =>
  (Object.keys(AFTER_FITTING) as AfterFitting[]).filter((id) => AFTER_FITTING[id](place));
