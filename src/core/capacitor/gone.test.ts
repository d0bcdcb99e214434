import { goneBySaid } from "./gone";

test.each([
  ["fan hums, somebody took out the capacitor", "removed"],
  ["run cap missing", "removed"],
  ["the start capacitor was removed last week", "removed"],
  ["capacitor bridged with a wire", "bridged"],
  ["somebody jumpered the cap", "bridged"],
  ["no capacitor fitted", "none-fitted"],
  ["hums, there is no cap in it", "none-fitted"],
  ["the capacitor was not removed", null],
  ["changed the capacitor, still hums", null],
  ["cover removed, then it hums. Capacitor is new", null],
  ["fan hums", null],
  ["the capacitor is gone", null],
])("%s: %s", (said, gone) => expect(goneBySaid(said)).toBe(gone));
