import { isWorkDone, type TravellerAssessment } from ".";

const card = (works: readonly string[], station: string, proof: "against" | null = null): TravellerAssessment =>
  ({
    facts: { worksDone: works.map((work) => ({ work, at: "2026-11-30T10:00:00.000Z" })), proof },
    next: { kind: station === "windings" ? "move" : "order", station, method: null },
  }) as unknown as TravellerAssessment;

test.each<[string, TravellerAssessment, boolean]>([
  ["nothing was done", card([], "prove"), false],
  ["done, and to be proved", card(["dry-out"], "prove"), true],
  ["done, and to be measured first", card(["dry-out"], "insulation"), true],
  ["one of two is still to do", card(["clean-contacts"], "out-in"), false],
  ["something was cleaned, and tests go on", card(["clean-contacts"], "windings"), false],
  ["the proof speaks against it", card(["dry-out"], "prove", "against"), false],
])("the work is done: %s", (_, assessment, isDone) => expect(isWorkDone(assessment)).toBe(isDone));
