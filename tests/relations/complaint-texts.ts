import type { Complaint } from "../../src/core/trade";
import type { Dice } from "./dice";

/* Sentences about a machine of which the parts are known: what is complained of, and what becomes of it by the words around it. */

/** A complaint in the forms that sentences ask for. */
interface Forms {
  readonly of: Complaint;
  /** squeals */
  readonly does: string;
  /** squeal */
  readonly bare: string;
  /** squealing */
  readonly ing: string;
}

const FORMS: readonly Forms[] = [
  { of: "squeals", does: "squeals", bare: "squeal", ing: "squealing" },
  { of: "squeals", does: "whistles", bare: "whistle", ing: "whistling" },
  { of: "rumbles", does: "rattles", bare: "rattle", ing: "rattling" },
  { of: "rumbles", does: "grinds", bare: "grind", ing: "grinding" },
  { of: "vibrates", does: "vibrates", bare: "vibrate", ing: "vibrating" },
  { of: "vibrates", does: "shakes", bare: "shake", ing: "shaking" },
  { of: "burning-smell", does: "smokes", bare: "smoke", ing: "smoking" },
  { of: "burning-smell", does: "smells", bare: "smell", ing: "smelling" },
  { of: "runs-hot", does: "overheats", bare: "overheat", ing: "overheating" },
];

type Turned = "heard" | "denied" | "over" | "guessed";

const FRAMES: readonly { readonly turn: Turned; readonly say: (forms: Forms) => string }[] = [
  { turn: "heard", say: ({ does }) => `it ${does}` },
  { turn: "heard", say: ({ does }) => `customer says it ${does}` },
  { turn: "heard", say: ({ does }) => `${does} all day` },
  { turn: "heard", say: ({ ing }) => `it keeps ${ing}` },
  { turn: "heard", say: ({ does }) => `sometimes it ${does}` },
  { turn: "heard", say: ({ bare }) => `does not ${bare} until it has run an hour` },
  { turn: "heard", say: ({ bare }) => `won't ${bare} unless it is cold` },
  { turn: "denied", say: ({ bare }) => `does not ${bare}` },
  { turn: "denied", say: ({ bare }) => `it doesn't ${bare}` },
  { turn: "denied", say: ({ does }) => `it never ${does}` },
  { turn: "denied", say: ({ ing }) => `no ${ing}` },
  { turn: "denied", say: ({ ing }) => `without ${ing}` },
  { turn: "denied", say: ({ ing }) => `${ing} is not the issue` },
  { turn: "denied", say: ({ ing }) => `the ${ing} isn't the problem` },
  { turn: "over", say: ({ bare }) => `used to ${bare}` },
  { turn: "over", say: ({ ing }) => `the ${ing} is gone` },
  { turn: "over", say: ({ ing }) => `${ing} went away` },
  { turn: "over", say: ({ ing }) => `it has stopped ${ing}` },
  { turn: "over", say: ({ ing }) => `${ing} has gone since the oiling` },
  { turn: "guessed", say: ({ does }) => `the last man said it ${does}` },
  { turn: "guessed", say: ({ does }) => `the electrician thinks it ${does}` },
];

/** Told beside it, and changes nothing of it. */
const BESIDE = ["", "", "in the bakery", "on line 3", "next to the door", "please come soon", "second floor"];

/** A sentence, and what becomes of its complaint. */
export interface Sentence {
  readonly text: string;
  readonly complaint: Complaint;
  readonly turn: Turned;
}

/**
 * Draws one sentence.
 * @param dice chances
 * @returns its words and what they mean
 */
export function drawSentence(dice: Dice): Sentence {
  const forms = dice.pick(FORMS);
  const { turn, say } = dice.pick(FRAMES.filter(({ turn: each }) => each !== "heard" || dice.happens(0.7)));
  const beside = dice.pick(BESIDE);
  const said = [say(forms), ...(beside === "" ? [] : [beside])].join(dice.pick([", ", "; ", " - "]));
  const text = dice.pick([said, said, said.toUpperCase(), `  ${said}.`, said.replace(/'/g, "’"), `${said}!`]);
  return { text, complaint: forms.of, turn };
}

/** Two complaints of today, to be said in either order. */
export function drawPair(dice: Dice): readonly [Sentence, Sentence] {
  const plain = FRAMES.filter(({ turn }) => turn === "heard").slice(0, 3);
  const draw = (): Sentence => {
    const forms = dice.pick(FORMS);
    return { text: dice.pick(plain).say(forms), complaint: forms.of, turn: "heard" };
  };
  return [draw(), draw()];
}
