import { drawPair, drawSentence } from "../../../tests/relations/complaint-texts";
import { diceOf } from "../../../tests/relations/dice";
import { howMany } from "../../../tests/support/how-many";
import { hear } from "./hear";

const COUNT = howMany(20_000, 1, 20);

test("what is denied, over or supposed is no complaint of today, whatever stands beside it", () => {
  for (let seed = 1; seed <= COUNT; seed += 1) {
    const { text, complaint, turn } = drawSentence(diceOf(seed));
    const hearing = hear(text);
    const where = (["heard", "denied", "over", "guessed"] as const).filter((of) => hearing[of].includes(complaint));
    expect({ text, where }).toEqual({ text, where: [turn] });
  }
});

test("two complaints are heard in either order, joined by any word or sign", () => {
  for (let seed = 1; seed <= COUNT; seed += 1) {
    const dice = diceOf(seed);
    const [one, other] = drawPair(dice);
    const sign = dice.pick([", ", "; ", ". ", " and ", " but "]);
    const said = [`${one.text}${sign}${other.text}`, `${other.text}${sign}${one.text}`];
    for (const text of said)
      expect({ text, heard: [...hear(text).heard].sort() }).toEqual({ text, heard: [...new Set([one.complaint, other.complaint])].sort() });
  }
});
