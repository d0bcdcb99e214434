import type { Finding } from "../../diagnosis";
import { interpolate } from "../../numeric";
import type { MotorType } from "../../trade";
import type { BoardElement } from "./elements";

/**
 * Ohms of a start winding over those of the run winding, from where it has surely lost turns to where it has surely not. A
 * split-phase motor starts by the resistance of its start winding: thin wire, two to six times the ohms. Burnt, it is the
 * first to lose turns. Of motors with capacitors it may be as low as the run winding on purpose.
 * @source Veinott, Theory and Design of Small Induction Motors, ch. 7 (resistance split-phase); bounds by trade judgement
 */
const SOUND_RATIO: Readonly<Partial<Record<MotorType, readonly (readonly [logRatio: number, sound: number])[]>>> = {
  "split-phase": [
    [Math.log(1.3), 0.0005],
    [Math.log(1.45), 0.01],
    [Math.log(1.7), 0.3],
    [Math.log(2), 1],
  ],
};

/** The start winding against the run winding of the same motor. */
export interface StartWinding {
  readonly startOhm: number;
  readonly mainOhm: number;
  /** chance that such a ratio is of a sound one, as far as the ratio alone tells */
  readonly sound: number;
}

const onlyOhm = (elements: readonly BoardElement[], cls: BoardElement["cls"]): number | null => {
  const [only, ...others] = elements.filter(
    (element) => element.cls === cls && !element.isFaulty && element.ohm !== null && element.ohm > 0,
  );
  return only && others.length === 0 ? only.ohm : null;
};

/**
 * A start winding that has lost turns, by its ohms against the run winding.
 * @param elements windings that were named
 * @param motorType type of the motor
 * @returns null where the type tells nothing, one of the two was not read, or the ratio is that of a sound one
 */
export function lowStartWinding(elements: readonly BoardElement[], motorType: MotorType): StartWinding | null {
  const points = SOUND_RATIO[motorType];
  const [startOhm, mainOhm] = [onlyOhm(elements, "aux"), onlyOhm(elements, "main")];
  if (points === undefined || startOhm === null || mainOhm === null) return null;
  const sound = interpolate(points, Math.log(startOhm / mainOhm));
  return sound < 1 ? { startOhm, mainOhm, sound } : null;
}

/** What a low start winding says to the line-up: good by so much, shorted by the rest. */
export const findingsOfLowStart = ({ sound }: StartWinding): Finding[] => [
  { test: "winding-ohms", weights: { good: sound, "start-shorted": 1 - sound } },
];

/** From here on it is too close to call, and below the second figure out. */
const DOUBTFUL = { close: 0.8, out: 0.3 } as const;

/** @returns the stamp it asks for; null: it is as it may be */
export const stampOfLowStart = ({ sound }: StartWinding): "out" | "too-close" | null =>
  sound < DOUBTFUL.out ? "out" : sound < DOUBTFUL.close ? "too-close" : null;

/** Below this chance that the start winding has all its turns, which of the two is the start winding is not sure either. Judgement. */
const SURELY_NAMED = 0.9;
export const isDoubted = (lowStart: StartWinding | null): boolean => lowStart !== null && lowStart.sound < SURELY_NAMED;
/** A start winding that has lost turns may read less than the run winding: then only common is named. */
export const withoutDoubted = (
  roles: readonly (readonly string[] | null)[],
  lowStart: StartWinding | null,
): readonly (readonly string[] | null)[] => (isDoubted(lowStart) ? roles.map((role) => (role?.[0] === "C" ? role : null)) : roles);
