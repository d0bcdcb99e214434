import type { GearSort } from "../startgear";
import type { Suspect, MachineKind, MotorType } from "../trade";
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
