import { installByHand, READINESS, versionWords } from "./device-words";

describe("what to press where no offer is made", () => {
  test.each([
    ["Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) Mobile/15E148", "share sign"],
    ["Mozilla/5.0 (Linux; Android 16) Mobile", "three dots"],
    ["Mozilla/5.0 (X11; Linux x86_64)", "bookmark"],
  ])("%s", (agent, part) => expect(installByHand(agent)).toContain(part));
});

test.each([
  ["2026-11-28T06:00:00.000Z", "today"],
  ["2026-11-27T06:00:00.000Z", "yesterday"],
  ["2026-10-28T06:00:00.000Z", "31 days ago"],
])("a version built %s is told as %s", (builtAt, ago) => {
  expect(versionWords(builtAt, new Date("2026-11-28T18:00:00Z"))).toContain(ago);
});

test("what is not ready says what to do about it, but for the one that only waits", () => {
  expect(READINESS["not-secure"]).toContain("https address");
  expect(READINESS["being-kept"]).toContain("Leave this page open");
});
