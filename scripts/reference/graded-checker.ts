import type { Miss, ReferenceCase } from "./case-file";
import { actionInCases, conclude, probabilityOf } from "./diagnosis-checker";
import type { RawFinding } from "./diagnosis-records";

/** The chance may go this much against its direction from one value to the next. */
const SLACK = 0.01;
const OUTPUTS = ["suspect", "direction", "bounds", "action_not_from"];

type Bound = readonly [value: number, least: number | null, most: number | null];

/** One figure steps while all else stays: the chance of one suspect goes one way, and keeps its bounds. */
export function checkGraded(reference: ReferenceCase): Miss[] {
  const { inputs, outputs } = reference;
  const strange = Object.keys(outputs).filter((field) => !OUTPUTS.includes(field));
  if (strange.length > 0) throw new Error(`unknown output: ${strange.join(", ")}`);
  const { test, field, values } = inputs.vary as { test: string; field: string; values: readonly number[] };
  const raws = inputs.findings as RawFinding[];
  if (!raws.some((raw) => raw.test === test)) throw new Error(`no finding of ${test} to vary`);
  const suspect = outputs.suspect as string;
  const steps = values.map((value) => {
    const findings = raws.map((raw) => (raw.test === test ? { ...raw, [field]: value } : raw));
    const concluded = conclude({ ...reference, schema_version: 2, inputs: { ...inputs, findings } });
    return { value, action: actionInCases(concluded), chance: probabilityOf(concluded.standing, suspect) };
  });
  const sign = outputs.direction === "rising" ? 1 : -1;
  const against = steps.flatMap(({ value, chance }, index): Miss[] => {
    const before = steps[index - 1];
    const isAgainst = before !== undefined && sign * (chance - before.chance) < -SLACK;
    return isAgainst
      ? [{ field: `direction at ${value}`, expected: `${String(outputs.direction)} from ${before.chance}`, got: chance }]
      : [];
  });
  const outside = ((outputs.bounds as Bound[] | undefined) ?? []).flatMap(([value, least, most]): Miss[] => {
    const chance = steps.find((step) => step.value === value)?.chance;
    if (chance === undefined) throw new Error(`bound at ${value}, which is no step`);
    const isInside = chance >= (least ?? 0) && chance <= (most ?? 1);
    return isInside ? [] : [{ field: `${suspect} at ${value}`, expected: `${least ?? 0} to ${most ?? 1}`, got: chance }];
  });
  const forbidden = Object.entries((outputs.action_not_from as Record<string, number> | undefined) ?? {}).flatMap(
    ([action, from]): Miss[] =>
      steps
        .filter((step) => step.value >= from && step.action === action)
        .map(({ value }) => ({ field: `action at ${value}`, expected: `not ${action}`, got: action })),
  );
  return [...against, ...outside, ...forbidden];
}
