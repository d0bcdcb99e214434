import type { Offer } from "@/core/learnt";
import { rateOf } from "@/core/learnt";
import type { RuleChange } from "@/records";
import { beforeTaken, offerWhy, outcomeWords } from "./words";

const change = (from: number | null, to: number | null, rule = "returnsMotor"): RuleChange => ({
  rule,
  at: "2026-11-28T10:00:00.000Z",
  by: "Sefa Lindqvist",
  from,
  to,
});

test.each([
  [{ done: 7, held: 7, back: 0, young: 0, returns: rateOf(0, 7) }, "7 done, 0 came back: 0–31 % at 90 %"],
  [{ done: 44, held: 39, back: 2, young: 3, returns: rateOf(2, 41) }, "44 done, 2 came back: 2–14 % at 90 %; 3 too young to count"],
  [{ done: 2, held: 0, back: 0, young: 2, returns: rateOf(0, 0) }, "2 done, none old enough to say"],
])("%j", (outcome, said) => expect(outcomeWords(outcome)).toBe(said));

test("a rule goes back to what the house had set before, and to the table only where it had set nothing", () => {
  const taken = { rule: "returnsMotor" as const, now: 5 };
  expect(beforeTaken(taken, [change(null, 4), change(4, 5)])).toBe(4);
  expect(beforeTaken(taken, [change(null, 5)])).toBeNull();
  expect(beforeTaken(taken, [change(4, 5), change(3, 9, "returnsLoad")])).toBe(4);
  // Changed since by somebody's own hand: what stood before that says nothing.
  expect(beforeTaken(taken, [change(4, 5), change(5, 6)])).toBeNull();
  expect(beforeTaken(taken, [])).toBeNull();
});
test("why a rule would change, by what was counted", () => {
  const offer = (part: Partial<Offer>): Offer => ({
    rule: "returnsMotor",
    kind: "returns",
    now: 2,
    to: 6,
    of: "replace-motor",
    cases: 19,
    rate: rateOf(6, 19),
    usualShare: 0.02,
    isTaken: false,
    ...part,
  });
  expect(offerWhy(offer({}))).toBe("19 old enough to say, 6 came back (18–51 % at 90 %); the table says 2 %");
  expect(offerWhy(offer({ kind: "minutes", rate: null, usualShare: null }))).toBe("19 jobs whose minutes are known");
  expect(offerWhy(offer({ kind: "prior", of: "run-capacitor" }))).toMatch(
    /^6 of 19 clear cases were run capacitor .*; the tables expect 2 % among these motors$/,
  );
});
