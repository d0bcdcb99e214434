import type { GearSort } from "../startgear";
import type { Suspect, MachineKind, MotorType } from "../trade";
import { interpolate } from "../numeric";
import type { Finding } from "../diagnosis";

/** What the work is done on, as far as it decides which work makes sense. */
export interface RepairSite {
  readonly machine: MachineKind;
  readonly motorType?: MotorType;
  /** start gear, once it was seen */
  readonly gear?: GearSort | null;
  /** the shell is cool: a protector that is still open has not opened on heat */
  readonly isCool?: boolean;
  /** parts that were measured and hold: they are changed only where the odds are for it all the same */
  readonly sound?: readonly Suspect[];
  /** it was waited for once already */
  readonly hasWaited?: boolean;
  /** its figures are those of the plate's other connection */
  readonly isConnectionDoubted?: boolean;
  /** chance that drying brings a low insulation back; null: it was not measured, was dried already, or is no damp */
  readonly drying?: number | null;
}

const SURE = 0.9;

/** Tests that show a part sound, and which part that is. */
const SHOWS_SOUND: readonly {
  readonly test: Finding["test"];
  readonly outcome: string;
  readonly part: (finding: Finding) => Suspect | undefined;
}[] = [
  { test: "capacitor-meter", outcome: "holds", part: ({ about }) => about },
  { test: "capacitor-running", outcome: "holds", part: ({ about }) => about },
  { test: "switch-ohms", outcome: "works", part: () => "start-switch" },
  { test: "relay-ohms", outcome: "works", part: () => "start-relay" },
  { test: "ptc-ohms", outcome: "works", part: () => "start-relay" },
];

/**
 * Parts that were measured and hold. A part that fails while it runs holds no more, whatever it read cold.
 * @param findings what the tests found
 * @returns parts that hold
 */
export function soundParts(findings: readonly Finding[]): readonly Suspect[] {
  const found = findings.flatMap((finding) =>
    SHOWS_SOUND.filter(
      ({ test, outcome }) => finding.test === test && ((finding.weights as Record<string, number>)[outcome] ?? 0) > SURE,
    ).flatMap(({ part }) => part(finding) ?? []),
  );
  return [...new Set(found)];
}

/** How often drying brings an insulation back, by what the tester read [MΩ]. Trade judgement. */
const DRIES = (
  [
    [0.02, 0.3],
    [0.1, 0.45],
    [0.5, 0.7],
    [1, 0.8],
    [5, 0.9],
  ] as const
).map(([megohm, chance]) => [Math.log10(megohm), chance] as const);
/** Damp never conducts so well: below this an ohmmeter sees a winding that touches the frame [Ω]. */
const TOUCHES_OHM = 20_000;

/**
 * Chance that drying brings a low insulation back.
 * @param findings what the tests found
 * @param wasDried it was dried on this visit
 * @returns chance; null where drying is no way on: nothing measured low, dried already, or a winding that touches the frame
 */
export function dryingChance(findings: readonly Finding[], wasDried: boolean): number | null {
  const sizes = findings.filter(({ test }) => test === "insulation" || test === "frame-ohms").flatMap((finding) => finding.sizes ?? []);
  const low = findings.some(({ test, weights }) => test === "insulation" && !("good" in weights));
  const megohm = sizes.find(({ of }) => of === "insulation")?.at;
  const touches = sizes.some(({ of, at }) => of === "frame-ohm" && at < TOUCHES_OHM);
  return wasDried || !low || touches || megohm === undefined ? null : interpolate(DRIES, Math.log10(megohm));
}
