import { stampsIn } from "./stamps-in";

test.each<[string, readonly string[]]>([
  ["6203-2RS C3 and 6202-2RS C3", ["6203-2RS C3", "6202-2RS C3"]],
  ["6203 ZZ, 6202 ZZ", ["6203 ZZ", "6202 ZZ"]],
  ["two 6203-2RS, rough", ["6203-2RS", "6203-2RS"]],
  ["2 × 6203", ["6203", "6203"]],
  ["6203 (2)", ["6203", "6203"]],
  ["6203 both", ["6203", "6203"]],
  ["pair of 6204", ["6204", "6204"]],
  ["6203-ZZ", ["6203-ZZ"]],
  ["rough, dry", []],
  ["", []],
])("%s", (line, stamps) => expect(stampsIn(line)).toEqual(stamps));
