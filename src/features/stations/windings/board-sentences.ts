import { formatNumber, formatProbability, formatQuantity } from "@/core/quantity";
import type { BoardAnswer, BoardUnderstanding, ElementClass, Probe } from "@/core/winding";
import { layoutWord, rolesWord, roleWord } from "@/features/vocabulary/board-words";
import { STATION_LABELS } from "../labels";
import { fittedOhm, pairName, postName, type WindingsDetail } from "./words";

/** Outcomes told of one probe. */
const MOST_OUTCOMES = 3;

/** What lies between two posts, in words. */
export const ELEMENT_WORDS: Record<ElementClass, string> = {
  main: "main winding",
  aux: "start winding",
  half: "half of the main winding",
  section: "section between two speeds",
  coil: "coil",
  winding: "winding",
  switch: "start switch",
  protector: "protector",
  link: "switch, protector or joining wire",
  contact: "contact of the switch, open at rest",
  capacitor: "capacitor",
};

/** What is wrong under an answer, with the posts it is about; null where all is sound. */
function faultSentence({ structure, postOf }: BoardAnswer, names: readonly string[]): string | null {
  const { fault, layout, places } = structure;
  if (fault === null) return null;
  const at = (role: string): string => postName(names, postOf[places.indexOf(role)] ?? -1);
  if (fault.kind === "ground")
    return `${at(fault.role)} has a path to the frame: a ground fault, so no power; ${STATION_LABELS.frame.title} says what becomes of the motor`;
  const element = layout.elements[fault.element];
  if (!element) return null;
  const between = `${at(element.from)} and ${at(element.to)}`;
  const part = ELEMENT_WORDS[element.cls];
  return fault.kind === "open"
    ? `the ${part} between ${between} is open`
    : `the ${part} between ${between} is shorted, or the two are one point`;
}

/** The posts that matter by name and role, in the order of the layout. */
function named({ structure, postOf }: BoardAnswer, names: readonly string[]): string {
  const { layout, places } = structure;
  const shown = layout.roles.filter((role) => !/^(SW|P|K)\d?$/.test(role));
  const at = (role: string): string => postName(names, postOf[places.indexOf(role)] ?? -1);
  // The two ends of a winding of its own are told together.
  const ends = (role: string): string => /^([MALW]|H\d)[12ab]$/.exec(role)?.[1] ?? role;
  const groups = [...new Set(shown.map(ends))].map((group) => shown.filter((role) => ends(role) === group));
  return groups.map((roles) => `${roleWord(roles[0] ?? "").toLowerCase()} ${roles.map(at).join(" and ")}`).join(", ");
}

function answerSentence(answer: BoardAnswer, names: readonly string[]): string {
  const fault = faultSentence(answer, names);
  return `${layoutWord(answer.structure.layout.id)}: ${named(answer, names)}${fault ? `; ${fault}` : ""}.`;
}

/** Switch, protector and capacitor of an answer, with their posts. */
function partsBeside(elements: WindingsDetail["elements"], names: readonly string[]): string[] {
  const shown = elements.filter(({ cls, isFaulty, posts }) => PARTS.includes(cls) && !isFaulty && posts.every((post) => post >= 0));
  if (shown.length === 0) return [];
  const words = shown.map(({ cls, posts, ohm, capacitanceUf }) => {
    const figure =
      capacitanceUf !== null
        ? ` (${formatQuantity("capacitance", capacitanceUf)})`
        : ohm !== null
          ? ` (${fittedOhm(Math.max(0, ohm))})`
          : "";
    return `${ELEMENT_WORDS[cls]} between ${pairName(names, posts).replace(" to ", " and ")}${figure}`;
  });
  const sentence = `${words.join("; ")}.`;
  return [sentence.charAt(0).toUpperCase() + sentence.slice(1)];
}
const PARTS: readonly ElementClass[] = ["switch", "protector", "link"];

/** What hangs together where no layout names it, with its ohms. */
function groupSentences({ groups }: BoardUnderstanding, names: readonly string[]): string[] {
  const joined = groups.filter(({ posts }) => posts.length > 1);
  const alone = groups.flatMap(({ posts }) => (posts.length === 1 ? posts.map((post) => postName(names, post)) : []));
  return [
    ...joined.map(({ posts, spans }) => {
      const figures = spans.map(({ a, b, ohm }) => `${pairName(names, [a, b])} ${fittedOhm(Math.max(0, ohm))}`).join(", ");
      return posts.length > 2
        ? `${posts.map((post) => postName(names, post)).join(", ")} hang together: ${figures}.`
        : `Apart: ${figures}.`;
    }),
    ...(alone.length > 0
      ? [`No path to any other: ${alone.join(", ")}. A capacitor, a contact that is open at rest, a protector that is hot, or not used.`]
      : []),
  ];
}

/** Posts without a path to any other: only the capacitance range can say more. */
function unpathed(answer: BoardAnswer, elements: WindingsDetail["elements"], names: readonly string[]): string[] {
  const seen = elements.flatMap(({ posts, capacitanceUf }) => (capacitanceUf === null ? [] : posts));
  const posts = answer.roles.flatMap((roles, post) =>
    roles.every((role) => /^K\d$|^SW3$|^spare$/.test(role)) && roles.length > 0 && !seen.includes(post) ? [postName(names, post)] : [],
  );
  return posts.length > 0
    ? [
        `${posts.join(", ")}: no path to any other post. A capacitor, a contact that is open at rest, a protector that is hot, or not used; measure ${posts.length > 1 ? "between them " : ""}on the capacitance range and key it with µF.`,
      ]
    : [];
}

/** Two posts joined near zero are one to an ohmmeter. */
function joinedNear(answer: BoardAnswer, names: readonly string[]): string[] {
  const pairs = answer.roles.flatMap((roles, post) =>
    roles.length > 1 && roles.some((role) => ["P", "CAP2"].includes(role)) ? [{ post, roles }] : [],
  );
  const [first] = pairs;
  if (!first || pairs.length < 2) return [];
  return [
    `${pairs.map(({ post }) => postName(names, post)).join(" and ")} are joined near zero: an ohmmeter cannot tell which of them is ${rolesWord(first.roles).toLowerCase()}.`,
  ];
}

const worstResidual = ({ residuals }: BoardUnderstanding) => [...residuals].sort((a, b) => Math.abs(b.score) - Math.abs(a.score))[0];

/** A reading that stands alone lies on its own fit, up to rounding. */
const ALONE = 0.01;

function checked(board: BoardUnderstanding, names: readonly string[]): string[] {
  const worst = worstResidual(board);
  const spare = board.answers[0]?.fit.dof ?? 0;
  const never = board.pairs - board.measured;
  const saved = never > 0 ? ` ${never} of ${board.pairs} pairs need no measuring.` : "";
  if (!worst || spare <= 0) return saved ? [saved.trim()] : [];
  // Windings that share no post are each read once: a slip there no sum can see.
  if (Math.abs(worst.score) < ALONE)
    return [`No reading checks another on this board: read each winding once more where much hangs on it.${saved}`];
  return [
    `Checked against each other: the reading furthest off is ${pairName(names, [worst.a, worst.b])}, ${fittedOhm(worst.measuredOhm)} where ${fittedOhm(worst.expectedOhm)} fits, ${formatNumber(Math.abs(worst.score), 1)} times its uncertainty.${saved}`,
  ];
}

/** Readings of the next pair that would part the likeliest answers, and what each would mean. */
export function outcomeSentences({ board, names, next }: WindingsDetail): string[] {
  if (!board || !next) return [];
  const seen = new Map<string, string>();
  for (const [index, answer] of board.answers.slice(0, MOST_OUTCOMES).entries()) {
    const ohm = board.expected[index] ?? null;
    const shown = ohm === null ? "OL" : `About ${formatQuantity("resistance", ohm, 10)}`;
    const roles = next.map((post) => `${postName(names, post)} ${rolesWord(answer.roles[post] ?? []).toLowerCase()}`).join(", ");
    if (!seen.has(shown)) seen.set(shown, roles);
  }
  return seen.size > 1 ? [...seen].map(([shown, roles]) => `${shown}: ${roles}.`) : [];
}

/** What the next probe is for, where it is not to part the answers. */
const WHY_WORDS: Record<Probe["why"], string> = {
  parts: "",
  unseen: ": no reading has reached that winding yet",
  checks: ": it checks figures that nothing checks yet",
  groups: ", to see whether the two hang together",
};

/** What the readings of a board mean, most important first. */
export function boardSentences({ board, names, elements, isWorking, next, measured, pairs }: WindingsDetail): string[] {
  if (isWorking) return ["Working it out …"];
  if (board === null)
    return [
      next
        ? `Probe ${pairName(names, next)}${pairs === 1 ? "." : `, or tap two posts. ${pairs} pairs in all${pairs > 6 ? "; few of them will be needed" : ""}.`}`
        : "Name the posts, then probe any two.",
    ];
  const [best, ...others] = board.answers;
  const count = `${measured} of ${pairs} pairs measured.`;
  switch (board.state) {
    case "empty":
    case "open": {
      const probe = next ? `Probe ${pairName(names, next)} next${board.next ? WHY_WORDS[board.next.why] : ""}.` : "";
      if (board.isSample || !best) return [probe || count, `${count} Too much is open to name anything yet.`];
      const left = board.answers.filter(({ probability }) => probability >= 0.02).length;
      return [
        best.probability >= 0.5
          ? `Looks like: ${answerSentence(best, names)}`
          : `${left} ways to understand it are left; likeliest (${formatProbability(best.probability)}): ${answerSentence(best, names)}`,
        `${probe} ${count}`.trim(),
      ];
    }
    case "settled":
      return best
        ? [
            answerSentence(best, names),
            ...partsBeside(elements, names),
            ...joinedNear(best, names),
            ...checked(board, names),
            ...unpathed(best, elements, names),
          ]
        : [];
    case "likely":
      return best
        ? [
            answerSentence(best, names),
            `Ohms cannot quite exclude: ${others
              .slice(0, 2)
              .map((other) => `${answerSentence(other, names).replace(/\.$/, "")} (${formatProbability(other.probability)})`)
              .join("; or ")}. The plate's type of motor, or the maker's marks, decide.`,
            ...partsBeside(elements, names),
            ...joinedNear(best, names),
            ...checked(board, names),
            ...unpathed(best, elements, names),
          ]
        : [];
    case "unknown":
      return [
        "No layout known here fits this board, though its readings agree among themselves. Nothing is said against a winding.",
        ...groupSentences(board, names),
        ...(best && best.probability >= 0.3
          ? [
              `If it were a board of a known layout, ${faultSentence(best, names) ?? answerSentence(best, names)} (${formatProbability(best.probability)}).`,
            ]
          : []),
        "The motor's own diagram decides which winding is which.",
      ];
    case "cannot-tell":
      return [
        "Cannot tell: no further ohms reading parts these answers.",
        ...board.answers.slice(0, 3).map((answer) => `${formatProbability(answer.probability)}: ${answerSentence(answer, names)}`),
        "The type of motor on the plate, the maker's marks, or the capacitor's place decide.",
      ];
    case "contradiction":
      return board.misfits.length > 0
        ? [
            `These readings cannot be of one motor, with or without a fault. ${board.misfits.length === 1 ? "The one that does not belong" : "One of these does not belong"}: ${board.misfits
              .slice(0, 4)
              .map(({ a, b }) => pairName(names, [a, b]))
              .join("; ")}.`,
            ...(best && faultSentence(best, names) ? [`If every figure is right, ${faultSentence(best, names)}.`] : []),
            "Measure it again, tips on bright metal; a figure keyed on a wrong pair can be emptied and keyed where it belongs.",
          ]
        : [
            "These readings cannot be of one motor, and no single one explains it. Check that no capacitor or mains lead is connected and the rotor stands still, then measure again from the first pair.",
          ];
  }
}
