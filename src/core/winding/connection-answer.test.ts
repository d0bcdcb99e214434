import type { MotorType } from "../trade";
import type { ConnectedElement } from "./connection";
import { answerConnection } from "./connection-answer";

const element = (
  cls: ConnectedElement["cls"],
  from: string,
  to: string,
  posts: [number, number],
  capacitanceUf?: number,
): ConnectedElement =>
  ({
    from,
    to,
    cls,
    posts,
    ohm: cls === "capacitor" ? null : 5,
    ...(capacitanceUf === undefined ? {} : { capacitanceUf }),
  }) as ConnectedElement;
const [MAIN, START] = [element("main", "C", "R", [0, 1]), element("aux", "C", "S", [0, 2])];
const part = (uf?: number) => element("capacitor", "S", "CAP", [2, 3], uf);

test.each<[string, readonly ConnectedElement[], MotorType, string]>([
  ["three windings of nobody knows what", [MAIN, START], "unknown", "type"],
  ["a part that nobody measured tells no type", [MAIN, START, part()], "unknown", "type"],
  ["no such motor has a part of 150 µF", [MAIN, START, part(150)], "psc", "large-capacitor"],
])("nothing is drawn: %s", (_, elements, type, why) => expect(answerConnection(elements, type)).toEqual({ kind: "open", why }));

test.each<[string, readonly ConnectedElement[], MotorType, MotorType]>([
  ["its type was said", [MAIN, START], "psc", "psc"],
  ["a run part by its size", [MAIN, START, part(7.5)], "unknown", "psc"],
  ["a start part by its size", [MAIN, START, part(130)], "unknown", "cap-start"],
  ["one coil", [element("coil", "L1", "L2", [0, 1])], "unknown", "shaded-pole"],
])("drawn: %s", (_, elements, type, as) => expect(answerConnection(elements, type)).toMatchObject({ kind: "drawn", type: as }));

test("what of the board has no place in the drawing is told", () => {
  const stray = element("switch", "SW1", "SW2", [4, 5]);
  const answer = answerConnection([MAIN, START, part(7.5), stray], "psc");
  expect(answer.kind === "drawn" && answer.leftOut).toEqual([stray]);
});
