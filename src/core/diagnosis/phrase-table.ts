import type { Complaint } from "../trade";

/* Pieces that several phrases share. Text is lower case, apostrophes straight, runs of blanks one. */
const NOT =
  "(?:(?:does|do|did|will|would|can|could|is|was|has|wo|ca)(?: not|n['’ ]?t)|cannot|wont|cant|never|no longer|not|refus(?:es?|ing|ed) to|fail(?:s|ed|ing)? to|unable to|hardly ever)";
const GO =
  "(?:start(?:s|ing|ed)?(?: up)?|run(?:s|ning)?|turn(?:s|ing)?(?! off)(?: on| over| round| around| at all)?|spin(?:s|ning)?|work(?:s|ing)?|go(?:es|ing)?(?! off)(?: round| on)?|mov(?:e|es|ing)|com(?:e|es|ing) on|kick(?:s|ing)? (?:on|in)|operat(?:e|es|ing)|rotat(?:e|es|ing)|switch(?:es)? on|power(?:s)? (?:on|up)|respond(?:s|ing)?|budge|blow(?:s|ing)?|pump(?:s|ing)?)";
/** Behind a verb that is denied these say that it runs, though not as it should. */
const HOW =
  "(?! (?:so |very |too |as )?(?:hot|warm|cold|cool|slow|slowly|fast|rough|smooth|smoothly|loud|backwards?|well|right|properly|correctly|good|hard|strong|enough|full|at full|up to|long|continuously|always|every|each|all the time|reliably)\\b)";
const NOT_GO = `\\b${NOT}(?: (?!always\\b|only\\b|just\\b|even\\b)\\w+){0,2}? ${GO}\\b${HOW}`;
const HUM = "(?:hum(?:s|med|ming)?|buzz(?:es|ed|ing)?|groan(?:s|ed|ing)?|moan(?:s|ing)?|dron(?:e|es|ing)|growl(?:s|ing)?)";
const LOUD = "(?:loud(?:ly)?|noisy|nasty|bad|awful|annoying|terrible|strong)";
const PUSH =
  "(?:push(?:ed|es|ing)?|shov(?:e|ed|ing)|nudg(?:e|ed|ing)|kick(?:ed)?|flick(?:ed)?|spin|spun|spinning|tap(?:ped)?|help(?:ed|ing)?|twirl|whack|knock)";
const FUSE = "(?:breaker|breakers|fuse|fuses|rcd|gfci|gfi|overload|circuit)";
const TRIP = `(?:(?:trip(?:s|ped|ping)?|pop(?:s|ped|ping)?|blow(?:s|n|ing)?|blew|throw(?:s|ing)?|threw|kick(?:s|ed|ing)? (?:out|off)|knock(?:s|ed|ing)? (?:out|off)|tak(?:e|es|ing) out)(?: (?:out|off))?(?: (?:the|its|a|my|our))?(?: ${FUSE})?|(?:the )?${FUSE} (?:goes|go|went|trips?|tripped|pops?|popped|blows?|blew|drops|kicks out|throws))`;
/** The verbs of a tripped breaker that mean other things elsewhere need their breaker beside them. */
const TRIPS = `\\b(?:trip(?:s|ped|ping)?\\b(?: (?:out|off))?(?: (?:the|its|a|my|our))?(?: ${FUSE})?|${TRIP}(?<=${FUSE}.{0,14}))\\b`;
const AT_ONCE =
  "(?:at once|immediately|instantly|straight ?away|right away|directly|the (?:moment|second|instant|minute)|as soon as|(?:when|if|every time|each time|whenever) (?:it is|it's|i|you|we|they)? ?(?:switch(?:ed)?|turn(?:ed)?|power(?:ed)?) ?(?:it )?(?:on|up)|on (?:power|switch(?:ing)?)[ -]?(?:up|on)|every time|always)";
const AT_START =
  "(?:(?:at|on|during|upon) (?:the )?start(?:[ -]?up|ing)?|(?:when|as|while|whenever|every time|if) (?:\\w+ ){0,3}(?:tr(?:y|ies|ied) to start|start(?:s|ing|ed)?(?: up)?|kicks? (?:in|on)|comes? on|cuts? in))";
const RUNNING =
  "(?:(?:while|when|whilst|during) (?:\\w+ )?(?:it )?(?:is )?(?:run(?:s|ning)?|operation|working)|after (?:running|a while|some time|(?:\\w+ ){1,4}(?:minutes?|mins?|hours?|h))|once (?:it is )?(?:warm|hot|running)|under load)";
const A_WHILE = "(?:a while|a bit|a time|some time|a few (?:minutes|hours)|(?:\\w+ ){1,3}(?:minutes?|mins?|hours?))";
const STOPS =
  "(?:stop(?:s|ped)?|quit(?:s)?|shut(?:s)? (?:off|down)|cut(?:s)? (?:out|off)|switch(?:es)? (?:itself )?off|go(?:es)? off|die(?:s)?|drop(?:s)? out)";

/** Spans up to here stay within what was said in one breath. */
const NEAR = "[^.;]{0,60}?";
/** The same, with nothing between that says that it does get going. */
const NEAR_STANDING = "(?:(?!\\b(?:start|get|got|go|run|com)\\w*)[^.;]){0,60}?";

/** A phrase people use, and the complaint it is. Every match of a row counts; the table of what implies what comes after. */
export const PHRASES: readonly (readonly [complaint: Complaint, phrase: string])[] = [
  ["does-not-run", NOT_GO],
  ["does-not-run", `\\b(?:has )?(?:stopped|quit|ceased)(?: (?:working|running|turning|spinning|moving|altogether|completely|dead))?\\b`],
  [
    "does-not-run",
    "\\b(?:gave up|given up|packed (?:up|in)|broke(?:n)? down|broken|out of order|conked out|has failed|failed|died|at (?:a )?standstill|stands still|standing still|kaput)\\b",
  ],
  [
    "does-not-run",
    "(?<!\\b(?:runs?|running|turns|spins)(?: fine| ok)?,? (?:but |and |with )?)\\bno (?:air|airflow|air flow|flow|water|draught|draft|ventilation|suction|movement)\\b",
  ],
  ["does-not-run", "\\b(?:refuses|refused|won['’]?t)(?= *(?:$|[,.;]))"],
  ["does-not-run", "\\b(?:inoperative|not operational|non ?-?(?:working|running))\\b"],

  [
    "dead",
    "\\b(?:dead(?! ?(?:slow|short|end))|lifeless|nothing (?:happens|at all|works)|does(?: not|n['’ ]?t) do (?:anything|a thing)|does nothing|doing nothing)\\b",
  ],
  [
    "dead",
    "\\bno (?:sign of life|signs of life|life|power|reaction|response|sound|noise at all)\\b|\\bnot (?:a|even a) (?:sound|hum|click|peep)\\b|\\b(?<!run(?:s|ning)? )\\b(?:completely |totally |absolutely )?silent\\b|\\bnothing(?= *(?:$|[,.;]))",
  ],

  ["hums-no-start", `\\b${HUM}\\b${NEAR}${NOT_GO}|${NOT_GO}${NEAR}\\b${HUM}\\b`],
  [
    "hums-no-start",
    `\\b(?:just|only|simply) (?:sits (?:there )?(?:and )?)?(?:a )?(?:${LOUD} )?${HUM}\\b|\\bsits (?:there )?(?:and )?${HUM}\\b`,
  ],
  ["hums-no-start", `\\b${HUM}\\b${NEAR_STANDING}(?:${TRIPS}|stall(?:s|ed)?)|\\bstall(?:s|ed|ing)?\\b(?! under)`],
  ["hums-no-start", `\\b${HUM}\\b`],
  ["noisy-hum", `\\b${LOUD}(?: \\w+)? ${HUM}\\b|\\b${HUM}(?: \\w+)? ${LOUD}\\b`],
  [
    "noisy-hum",
    `\\b${HUM}\\b${NEAR}\\b(?:while|when|whilst|as) (?:it )?(?:is )?run(?:s|ning)?\\b|\\brun(?:s|ning)? with (?:a )?(?:\\w+ )?${HUM}\\b`,
  ],

  [
    "starts-with-push",
    `\\b(?:with|needs?|after|give[ns]?|giving|gave|wants|takes|without) (?:it |him |her )?(?:a |some )?(?:little |good |hard |bit of a )?${PUSH}\\b`,
  ],
  [
    "starts-with-push",
    `\\b(?:start(?:s|ed)?|run(?:s)?|go(?:es)?|turn(?:s)?|work(?:s)?|spin(?:s)?|kick(?:s)? off)\\b(?: \\w+)? (?:if|when|once|after|only) (?:\\w+ ){0,3}?${PUSH}\\b`,
  ],
  [
    "starts-with-push",
    `\\b(?:have|has|had|need|got) to (?:be )?(?:${PUSH}|turn|turned|start|started|rotate)\\b(?: \\w+){0,4}|\\b${PUSH} (?:it|the \\w+) (?:by hand|to (?:start|get|make))`,
  ],
  [
    "starts-with-push",
    "\\b(?:start(?:s|ed)?|go(?:es)?|get(?:s)? going|run(?:s)?) (?:it )?(?:only )?(?:if|when|by|once)(?: \\w+){0,3} (?:by )?hand\\b|\\bpush[ -]start(?:s|ed)?\\b|\\bby hand to (?:start|get)\\b",
  ],

  [
    "starts-slow",
    "\\b(?:slow(?:ly)?|sluggish|reluctant(?:ly)?|hard|difficult)(?: (?:to|in|at|when|on|with))? (?:start(?:s|ing|up)?|get(?:ting)? going|com(?:e|ing) up|spin(?:ning)? up|pick(?:ing)? up|start[ -]?up)\\b",
  ],
  [
    "starts-slow",
    "\\b(?:start(?:s|ing)?|com(?:es|ing) up|spin(?:s|ning) up|pick(?:s|ing) up)(?: \\w+)? (?:slow(?:ly)?|sluggish(?:ly)?|reluctantly|hard|lazily)\\b",
  ],
  [
    "starts-slow",
    "\\b(?:takes?|needs?|took|taking) (?:ages|forever|a while|long|longer|so long|a long time|too long|its time|(?:\\w+ ){1,2}(?:seconds?|minutes?)) to (?:start|come up|get (?:going|up)|reach|run|spin)",
  ],
  [
    "starts-slow",
    "\\b(?:struggl(?:es|ing|ed)|labou?r(?:s|ing)?|strain(?:s|ing)?|fight(?:s|ing)|trouble|hesitat(?:es|ing)|battles)(?: (?:to|with|at|before))? (?:start(?:s|ing)?|get(?:ting)? (?:going|started|up)|com(?:e|ing) up)\\b|\\btrouble starting\\b|\\blong start\\b",
  ],

  ["trips-at-once", `${TRIPS}${NEAR}\\b${AT_ONCE}\\b|\\b${AT_ONCE}\\b${NEAR}${TRIPS}`],
  ["trips-at-start", `${TRIPS}${NEAR}\\b${AT_START}\\b|\\b${AT_START}\\b${NEAR}${TRIPS}`],
  ["trips-at-start", `\\b${HUM}\\b${NEAR_STANDING}${TRIPS}`],
  [
    "trips-running",
    `${TRIPS}${NEAR}\\b${RUNNING}\\b|\\b(?:${RUNNING}|run(?:s|ning)? (?:for |fine )?${A_WHILE}|run(?:s)? (?:and )?then)\\b${NEAR}${TRIPS}`,
  ],

  [
    "cuts-out-and-returns",
    `\\bcut(?:s|ting)? (?:itself )?out\\b|\\bcomes? back(?: on)?\\b|\\b(?:thermal|protector|overload) (?:trips|opens|cuts)\\b`,
  ],
  [
    "cuts-out-and-returns",
    `\\b${STOPS} (?:by itself )?(?:after|when (?:it )?(?:is |gets )?(?:hot|warm))\\b(?: \\w+){0,4}|\\brun(?:s|ning)? (?:for |fine for )?${A_WHILE}[, ]+(?:and |but |then |and then )?(?:it )?${STOPS}\\b`,
  ],
  [
    "cuts-out-and-returns",
    `\\b${STOPS}(?: by itself)?,? (?:and|then|and then|but) (?:later )?(?:re-?starts?|starts? (?:up )?again|comes? (?:back|on)|goes? again|runs? again|works? again)\\b|\\b(?:works|runs|starts|goes) again (?:after|when|once) (?:\\w+ ){0,3}(?:cool|cooled|cold|rest|while|minutes|hour)`,
  ],

  [
    "intermittent",
    "\\b(?:intermittent(?:ly)?|sometimes|now and (?:then|again)|(?:every )?once in a while|off and on|on and off|at times|occasional(?:ly)?|comes and goes|every so often|random(?:ly)?|erratic(?:ally)?|not always|from time to time|some days|half the time|(?:does not|doesn['’]?t|won['’]?t|will not) always|(?:not|doesn't|won't|don't) (?:\\w+ )?(?:every|each) time)\\b",
  ],
  ["intermittent", "\\bwhen(?:ever)? it (?:feels like it|wants(?: to)?|likes|pleases|is in the mood)\\b"],

  [
    "runs-hot",
    "\\b(?:overheat(?:s|ed|ing)?|(?:gets?|getting|runs?|running|is|very|too|so|feels?|becomes?|goes|red|really|quite|extremely|burning|piping|boiling)(?: (?:very|too|so|really|quite|extremely|that|awfully))? (?:hot|warm)(?! (?:end|side|water|air|day|weather|gas)))\\b",
  ],
  ["runs-hot", "\\bhot(?= *(?:$|[,.;]| and\\b| to (?:the )?touch| motor| housing| casing| shell| body))"],

  [
    "burning-smell",
    "\\b(?:smell(?:s|ed|ing|y)?(?: of)?(?: (?:like|burnt|burning|hot|something))*(?: burning| burnt)?|odou?r|stink(?:s|ing)?|stench|smok(?:e|es|ed|ing|y)|smoulder(?:s|ing)?|burnt|burned(?: out| up)?|burning(?! hot)(?: (?:smell|odou?r|varnish|rubber|plastic))?|fumes)\\b",
  ],

  [
    "squeals",
    "\\b(?:squeal(?:s|ed|ing)?|screech(?:es|ed|ing)?|shriek(?:s|ed|ing)?|squeak(?:s|ed|ing|y)?|scream(?:s|ed|ing)?|chirp(?:s|ing)?|whin(?:e|es|ed|ing)|whistl(?:e|es|ing)|high[ -]pitched(?: \\w+)?)\\b",
  ],
  [
    "rumbles",
    "\\b(?:rumbl(?:e|es|ed|ing)|grind(?:s|ing)?|ground|grinding|rattl(?:e|es|ed|ing)|clatter(?:s|ing)?|clank(?:s|ing)?|clunk(?:s|ing)?|knocking|roar(?:s|ing)?|scrap(?:e|es|ing)|grat(?:es|ing)|crunch(?:es|ing|y)?|rough (?:sound|noise|bearing)s?|sounds? rough|like (?:gravel|sand|marbles)|bearing noise|noisy bearings?)\\b",
  ],
  [
    "vibrates",
    "\\b(?:vibrat(?:e|es|ed|ing|ion|ions)|shak(?:e|es|ing|y)|shook|wobbl(?:e|es|ed|ing|y)|judder(?:s|ing)?|shudder(?:s|ing)?|trembl(?:e|es|ing)|out of balance|unbalanced|imbalance|jumps about)\\b",
  ],

  [
    "slow-or-weak",
    "\\b(?:weak(?:ly|er)?|slow(?:ly|er)?(?! (?:to|in|at|when|on)? ?(?:start|get|com|pick|spin))|sluggish(?! (?:to|start))|feeble)\\b",
  ],
  [
    "slow-or-weak",
    "\\b(?:low|poor|reduced|little|less|hardly any|barely any|not (?:much|enough)|bad|insufficient|very little) (?:air ?flow|air|flow|speed|pressure|suction|water|output|throughput|draught|draft)\\b|\\b(?:barely|hardly) (?:blows|moves|turns|pumps|sucks)\\b|\\b(?:lost|los(?:es|ing)) (?:power|speed|suction)\\b|\\blow rpm\\b|\\b(?:slows?|slowing|bogs?|bogging) down\\b(?: under load)?|\\bstall(?:s|ing)? under load\\b",
  ],
  [
    "slow-or-weak",
    `\\b${NOT}(?: \\w+){0,2}? (?:com(?:e|es|ing) up to|reach(?:es|ing)?|get(?:s|ting)? (?:up )?to|run(?:s|ning)? (?:at|up to))(?: full| its| the)* speed\\b|\\b${NOT} (?:blow(?:s|ing)?|pump(?:s|ing)?) (?:hard|strong|enough|much)\\b`,
  ],

  [
    "slow-or-weak",
    "(?<=\\b(?:runs?|running|turns|spins)(?: fine| ok)?,? (?:but |and |with )?)no (?:air|airflow|air flow|flow|water|suction)\\b",
  ],

  [
    "runs-backwards",
    "\\b(?:backward(?:s)?|wrong (?:way|direction)(?: round| around)?|(?:in |into )?revers(?:e|ed|es|ing)|(?:the )?other way (?:round|around)|opposite (?:way|direction)|anti-?clockwise instead|turns? the other way)\\b",
  ],

  [
    "high-current",
    "\\b(?:high|double|twice|excess(?:ive)?|too (?:much|many|high)|over|rated|more than)(?: (?:the|its|rated|plate))* (?:current|amps?|amperage|amp draw|draw)\\b|\\b(?:amps?|current|amperage|amp draw|draw)(?: \\w+)? (?:(?:is|are|was|runs?|reads?) )?(?:too high|high|double|doubled|twice|over|above|excessive)\\b(?: (?:the )?plate)?",
  ],
  [
    "high-current",
    "\\b(?:draw(?:s|ing)?|pull(?:s|ing)?|tak(?:es|ing)) (?:(?:too much|too many|high|double|twice|more)\\b(?: (?:the|its) \\w+)?|\\d+(?:[.,]\\d+)? ?(?:a|amps?)\\b[^.;]{0,20}\\b\\d+(?:[.,]\\d+)? ?(?:a|amps?)\\b(?: (?:plate|motor|rated))?)|\\bover ?-?(?:current|amps|amping)\\b|\\b\\d+(?:[.,]\\d+)? ?(?:a|amps?) (?:on|instead of|against|over|for)(?: an?| the)? \\d+(?:[.,]\\d+)?(?: ?(?:a|amps?))?(?: plate)?\\b",
  ],
];

/** What was said leaves open which of several is meant: asked with one tap. */
export interface AskRow {
  readonly id: "trips-when" | "which-noise";
  readonly phrase: string;
  readonly options: readonly Complaint[];
  /** heard beside it, these leave nothing to ask */
  readonly settledBy: readonly Complaint[];
}
export const ASKS: readonly AskRow[] = [
  { id: "trips-when", phrase: TRIPS, options: ["trips-at-once", "trips-at-start", "trips-running"], settledBy: ["cuts-out-and-returns"] },
  {
    id: "which-noise",
    phrase: "\\b(?:nois(?:e|es|y)|loud|sounds? (?:bad|funny|odd|strange|terrible|wrong))\\b",
    options: ["noisy-hum", "squeals", "rumbles", "vibrates"],
    settledBy: ["hums-no-start"],
  },
];

/** What a complaint already says, so that the vaguer one beside it goes. */
export const SAYS_MORE: Partial<Record<Complaint, readonly Complaint[]>> = {
  "hums-no-start": ["does-not-run", "dead"],
  dead: ["does-not-run"],
  "starts-with-push": ["does-not-run", "dead"],
  "starts-slow": ["slow-or-weak", "does-not-run", "hums-no-start"],
  "cuts-out-and-returns": ["does-not-run", "dead"],
  "noisy-hum": ["hums-no-start"],
  "trips-at-once": ["trips-running", "trips-at-start"],
  "trips-at-start": ["trips-running"],
  "slow-or-weak": [],
};

/** A visit that nobody's complaint brought about. */
export const ROUTINE =
  /\b(?:(?:yearly|annual|regular|routine|seasonal|spring|autumn|planned)\b.*\b(?:check|look|service|visit|inspection)|maintenance|inspection|check[- ]?up|service visit|before the season|no complaints?|nothing wrong|works? (?:fine|well)|all well)\b/i;

/** Words in front of a phrase that take it back: `no burning smell`, `does not vibrate`; what is parted by `but` is not taken back. */
export const DENIAL =
  /(?:^|[\s,;.])(?:no|not|never|without|nor|neither|isn['’]?t|doesn['’]?t|does not|is not|didn['’]?t|won['’]?t|free of|hardly|any) (?:(?!but\b|and\b|just\b|only\b|then\b|so\b)\w+ ){0,2}$/;
/** Complaints whose own words are denials. */
export const NOT_DENIED: readonly Complaint[] = ["does-not-run", "starts-with-push"];

/** Words that carry no complaint: what is left besides them was not understood. */
export const PLAIN_WORDS: ReadonlySet<string> = new Set(
  (
    "a an the it its it's this that these there he she they i you we my our your is are was were be been being has have had do does did will would can could " +
    "and or but then than so too very just only also again still now when while if as at on in of to from for with by up out into over after before because since " +
    "motor motors fan fans blower blowers pump pumps compressor machine unit engine wheel washer dryer drum cabinet heater ventilator extractor mixer agitator " +
    "customer says said reports reported tells told owner tenant someone please here good fine ok okay well much more most bit little noise noises sound sounds " +
    "spin spins spinning rotates turns turning turn switch switched touch housing casing blade blades air badly completely itself minute minutes hour hours time old " +
    "get gets got goes going go make makes made run runs running start starts started work works working thing things all any some breaker fuse"
  ).split(" "),
);
