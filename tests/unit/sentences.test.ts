import { allTexts } from "../../scripts/lib/sentences";

const TEXTS = allTexts(process.cwd());

/** What must not stand in any text a person can meet, and why. */
const NEVER: readonly (readonly [RegExp, string])[] = [
  [/!(\s|$)/, "nothing is cried out"],
  [/\b([a-z]\w*) \1\b(?<!that that|had had)/i, "a word twice"],
  [/\s[,.;:](\s|$)/, "a gap before a sign"],
  [/(?<!;) {2,}(?!top:|for example|10:)/, "a gap twice as wide"],
  [/\.\.\.|(?<![{ ]|^)…(?!\})/, "dots that trail off"],
  [/\b1 (pairs|lines|days|minutes|cards|readings)\b/, "one of many"],
  [/\b(please|sorry|oops|simply|just click|successfully)\b/i, "words that say nothing"],
  [/\bptc\b/, "a short form in small letters"],
  [/\bmm2\b|\bohms?\b(?= *\d)|\d ?(uF|Ohm)\b/, "units as they are typed, not as they are written"],
  [/\b(undefined|NaN|null|\[object)\b/, "a hole in the program"],
  [/\bthe product\b/i, "the program speaks of itself by another name"],
];

test("the list holds the texts of every screen", () => {
  expect(TEXTS.length).toBeGreaterThan(2500);
  for (const known of ["What does the motor do?", "Back to where you were", "Nothing was decided then.", "Poles from the plate speed"])
    expect(TEXTS.some(({ text }) => text.includes(known))).toBe(true);
});

test.each(NEVER)("no text has %s: %s", (pattern) => {
  expect(TEXTS.filter(({ text }) => pattern.test(text)).map(({ file, line, text }) => `${file}:${line} ${text}`)).toEqual([]);
});
