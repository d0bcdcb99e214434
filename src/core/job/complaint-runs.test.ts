import { COMPLAINTS, complaintSpec, type Complaint } from "../trade";
import { checksBeforePower } from "./first-power";
import { saysItStands, saysItStarts } from "./complaint-runs";

test.each<readonly [readonly Complaint[], isUsual: boolean, starts: boolean, stands: boolean]>([
  [[], false, false, false],
  [[], true, true, false],
  [["squeals"], false, true, false],
  [["squeals", "starts-with-push"], false, false, false],
  [["hums-no-start"], true, false, true],
  [["trips-at-start"], true, false, false],
  [["noisy-hum"], false, false, false],
  [["noisy-hum"], true, true, false],
])("%j, usually starting %s: starts %s, stands %s", (complaints, isUsual, starts, stands) => {
  expect([saysItStarts(complaints, isUsual), saysItStands(complaints)]).toEqual([starts, stands]);
});

test("what never comes up is measured to the frame before its first power, whatever else is said", () => {
  for (const complaint of COMPLAINTS) {
    if (complaintSpec(complaint).comesUp !== "never") continue;
    expect([complaint, checksBeforePower({ complaints: [complaint], mayTrip: false, wasWet: false })]).toEqual([
      complaint,
      expect.arrayContaining(["frame-ohms"]),
    ]);
  }
});
