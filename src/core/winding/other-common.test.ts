import { otherCommonOf } from "./other-common";
import { identifyThreeLeads, type ThreeLeadInput } from "./three-leads";

/** Three readings as they are typed, on a meter of one last digit. */
function judged(texts: readonly [string, string, string], isSure = false) {
  const entries = texts.map((text) => ({ text, reading: null, isSure }));
  const pairs = texts.map((text) => ({ kind: "ohms", ohm: Number(text), standardUncertainty: 0.006 * Number(text) + 0.06 }));
  const input = {
    pairs,
    marks: [null, null, null],
    leadOhm: 0,
    leadStandardOhm: 0,
    nearZeroOhm: 0.5,
    coverageFactor: 2,
    mayBeEqual: true,
  } as unknown as ThreeLeadInput;
  return otherCommonOf(input, identifyThreeLeads(input), entries as never);
}

test.each<[readonly [string, string, string], ReturnType<typeof judged>]>([
  [["1.3", "1.6", "2.7"], { pair: 0, candidates: [1, 2] }],
  [["2.3", "7.1", "8.9"], { pair: 2, candidates: [1, 0] }],
  [["1.2", "1.8", "3.0"], null],
  [["1.1", "4.1", "5.2"], null],
  [["4.1", "10.2", "14.3"], null],
])("%j: the pair to read again before a lead is named", (texts, found) => expect(judged(texts)).toEqual(found));

test("a reading that was looked at again is believed", () => {
  expect(judged(["1.3", "1.6", "2.7"], true)).toBeNull();
});
