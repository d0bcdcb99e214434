import type { Complaint } from "../trade";

/** Phrases for one complaint; every match counts, and a table of what implies what comes after. */
export interface PhraseRow {
  readonly of: Complaint;
  readonly say: readonly string[];
  /** not where one of these stands right before it */
  readonly notBehind?: readonly string[];
  /** not where one of these stands right behind it */
  readonly notBefore?: readonly string[];
}

/** What people say of a machine, complaint by complaint. */
export const PHRASES: readonly PhraseRow[] = [
  { of: "does-not-run", say: ["NOT _2 GO"], notBefore: ["HOW"] },
  { of: "does-not-run", say: ["no start|starting|rotation|motion|go", "not by|under|on [its|own] power"] },
  {
    of: "does-not-run",
    say: ["[has|have|it] stopped|quit|ceased [working|running|turning|spinning|moving|altogether|completely|dead]"],
    notBefore: ["NOISES", "by|when|if|after|again", "on its own", "_3 and|but|then [then|later] GO|came|restarts|restarted"],
  },
  {
    of: "does-not-run",
    say: [
      "gave|given|packed up|in",
      "broke|broken down",
      "broken|failed|kaput|inoperative",
      "out of order",
      "conked out",
      "at [a] standstill",
      "stands|standing|sits|stays still",
      "not operational",
      "non working|running",
      "won't|refuses|refused END",
    ],
  },
  {
    of: "does-not-run",
    say: ["no air|airflow|flow|water|draught|draft|ventilation|suction|movement [flow]"],
    notBehind: ["run|runs|running|turns|spins [fine|ok|well] [but|and|with]", "run|runs|running|turns|spins"],
  },
  {
    of: "does-not-run",
    say: ["click|clicks|clicking .. nothing else|more|happens", "just|only clicks|clicking", "click|clicks|clicking but NOT GO"],
  },
  {
    of: "does-not-run",
    say: ["seized [up|solid]", "locked|rusted|gummed up|solid", "jammed [up|solid]", "stuck [fast|solid]", "frozen [up|solid]"],
    notBehind: ["bearing|bearings|bush|relay|contactor|contact|contacts|switch|damper|valve|float|thermostat|button [is|are|has|have|was]"],
    notBefore: ["bearing*|relay|contact*|switch|valve|damper|float|on|closed|open"],
  },

  {
    of: "dead",
    say: ["dead|lifeless", "nothing happens|works", "nothing at all", "NOT do anything", "does|doing nothing"],
    notBefore: ["slow|short|end|easy"],
  },
  {
    of: "dead",
    say: [
      "no sign|signs of life",
      "no life|power|reaction|response|sound",
      "no noise at all",
      "not [a|even] [a] sound|hum|click|peep",
      "[completely|totally|absolutely] silent",
      "nothing END",
      "neither HUM nor GO",
      "neither GO nor HUM",
      "no hum [and|or] no turn|turning|movement|start|spin|rotation",
    ],
    notBehind: ["run|runs|running|almost|nearly|now", "else"],
    notBefore: ["now|since|when"],
  },

  { of: "hums-no-start", say: ["HUM .. NOT _2 GO"], notBefore: ["HOW"] },
  { of: "hums-no-start", say: ["NOT _2 GO .. HUM"] },
  {
    of: "hums-no-start",
    say: ["just|only|simply [sits] [there] [and] [a] [LOUD] HUM", "sits [there] [and] HUM", "no rotation .. HUM", "HUM .. no rotation"],
  },
  { of: "hums-no-start", say: ["HUM STANDING TRIPS", "HUM STANDING stall|stalls|stalled"] },
  { of: "hums-no-start", say: ["stall|stalls|stalled|stalling"], notBefore: ["under|with|when|on|in|at|once"] },
  { of: "hums-no-start", say: ["HUM"] },
  { of: "noisy-hum", say: ["LOUD _ HUM", "HUM _ LOUD"] },
  {
    of: "noisy-hum",
    say: [
      "HUM .. while|when|whilst|as [it] [is] run|runs|running",
      "run|runs|running with [a] _ HUM",
      "runs|turns|spins [fine|ok|well] but HUM",
      "runs [and] HUM",
    ],
  },
  {
    of: "noisy-hum",
    say: [
      "HUM and|but|while turn|turns|turning|run|runs|running|spins|spinning",
      "turn|turns|turning|run|runs|running|spins [fine|ok|slowly] and|but HUM",
    ],
    notBefore: ["[only] if|when|once|after|with"],
  },

  {
    of: "starts-with-push",
    say: [
      "with|needs|need|after|gives|given|giving|gave|wants|takes|without [it|him|her] [a|some|the] [little|good|hard] [bit] [of] [a] PUSH",
    ],
    notBefore: ["tight"],
  },
  {
    of: "starts-with-push",
    say: ["start|starts|started|run|runs|go|goes|turn|turns|work|works|spin|spins _ if|when|once|after|only|by _3 PUSH"],
  },
  {
    of: "starts-with-push",
    say: [
      "have|has|had|need|needs|got to [be] push|pushed|whack|hit|thump|tap|shove|nudge|nudged|kick|kicked|spin|spun|flick|turn|turned|start|started|rotate _4 by hand|to",
      "have|has|had|need|needs|got to [be] push|pushed|whack|hit|thump|tap|shove|nudge|nudged|kick|kicked|spin|spun|flick|turned|rotate",
      "push|pushed|pushing|shove|nudge|spin|flick it|him|her by hand",
      "push|pushed|pushing|shove|nudge|spin|flick it|the [_] to start|get|make",
    ],
  },
  {
    of: "starts-with-push",
    say: [
      "start|starts|started|go|goes|run|runs [it|him|her] [only] if|when|by|once _3 [by] hand",
      "start|starts|get|gets it|him|her [going] _3 by hand",
      "push|spin|kick|hand start|starts|started",
      "by hand to start|get",
      "get|gets going [only] by hand",
      "get|gets going [only] if|when|once|after _3 PUSH",
    ],
  },

  {
    of: "starts-slow",
    say: [
      "slow|slowly|sluggish|reluctant|reluctantly|hard|difficult [to|in|at|when|on|with] start|starts|starting|startup",
      "slow|slowly|sluggish|reluctant|hard|difficult [to|in|at] get|getting|come|coming|spin|pick|spinning|picking going|up",
      "lazy|slow|sluggish|weak|long|hard start|starts|starter",
      "starts|start eventually",
      "starts|start in the end",
      "start|starts|starting [up] [very|too|so|quite] slow|slowly|sluggish|sluggishly|reluctantly|hard|lazily",
      "come|comes|coming|spin|spins|pick|picks up [very|too] slow|slowly|sluggishly|lazily",
      "take|takes|took|taking|need|needs ages|forever|long|longer to start|come|get|reach|run|spin",
      "take|takes|took|taking|need|needs a|so|too|its while|long|time [time] to start|come|get|reach|run|spin",
      "take|takes|took|taking|need|needs _2 MINUTES to start|come|get|reach|run|spin",
      "[come|comes|gets] up to speed [only] after|in [a] [long|good] _ time|while|minute|minutes",
      "struggl*|labour*|labor*|strain*|fights|fighting|trouble|hesitat*|battles [to|with|at|before] start|starts|starting",
      "struggl*|labour*|labor*|strain*|fights|trouble|hesitat*|battles to|with get|getting|come|coming going|started|up",
    ],
  },

  { of: "trips-at-once", say: ["TRIPS .. AT-ONCE", "AT-ONCE .. TRIPS"] },
  {
    of: "trips-at-once",
    say: ["TRIPS every|each time", "TRIPS always", "always TRIPS"],
    notBefore: ["it|i|you|we|they|the|he|she", "when|if|as|at|on|while|after"],
  },
  { of: "trips-at-start", say: ["TRIPS .. AT-START", "AT-START .. TRIPS", "HUM STANDING TRIPS"] },
  {
    of: "trips-running",
    say: ["TRIPS .. RUNNING", "RUNNING .. TRIPS", "run|runs|running [for|fine] A-WHILE .. TRIPS", "run|runs [and] then .. TRIPS"],
  },

  {
    of: "cuts-out-and-returns",
    say: [
      "cut|cuts|cutting [itself] out",
      "cut|cuts|cutting in and out",
      "comes|come|came back on|again|later",
      "thermal|protector|overload trips|opens|cuts|tripping|opening",
      "short cycle|cycles|cycling",
      "cycles|cycling on and off",
      "STOPS [by] [itself] after A-WHILE",
      "STOPS [by] [itself] when|once [it] [is|gets] hot|warm",
      "STOPS [by] [itself] after [it] [is|gets] hot|warm",
      "STOPS .. reset|resets itself",
      "STOPS [by] [itself] [later] restarts",
      "STOPS [by] [itself] and|then|but [then] [later] start|starts|come|comes|go|goes|run|runs|work|works again|back|up",
      "STOPS _3 and|then|but [then] [later] restart|restarts|restarted",
      "STOPS _3 and|then|but [then] [later] start|starts|started|come|comes|came|go|goes|run|runs again|back|up",
      "works|runs|starts|goes again after|when|once _3 cool|cooled|cold|rest|while|minutes|hour|cooling",
      "resets itself",
      "restarts on its own",
      "restarts [by] itself",
    ],
  },
  {
    of: "cuts-out-and-returns",
    say: ["comes|come|came back"],
    notBehind: ["NOISES", "squeal|noise|hum|smell|rattle|vibration|power|mains|customer|i|we|he|she"],
  },
  {
    of: "cuts-out-and-returns",
    say: [
      "run|runs|running [for|fine] [for] A-WHILE [and|but|then] [then] [it] STOPS",
      "run|runs|running [for|fine] [for] A-WHILE , [and|but|then] [then] [it] STOPS",
    ],
  },

  {
    of: "intermittent",
    say: [
      "intermittent|intermittently|sometimes|occasional|occasionally|random|randomly|erratic|erratically",
      "now and then|again",
      "[every] once in a while",
      "off and on",
      "on and off",
      "at times",
      "comes and goes",
      "every so often",
      "not always|every|each [time]",
      "from time to time",
      "some days",
      "half the time",
      "NOT always",
      "NOT _2 every|each time",
      "when|whenever it feels|wants|likes|pleases [like|to] [it]",
      "in the mood",
      "on|at the second|third|next|2nd|3rd|last try|attempt|go",
      "two|three|several|few|couple [of] tries|attempts|goes",
    ],
  },

  {
    of: "runs-hot",
    say: [
      "overheat|overheats|overheated|overheating",
      "scorching|scalding|scorches|sizzling",
      "get|gets|getting|run|runs|running|is|was|very|too|so|feel|feels|become|becomes|goes|red|really|quite|extremely|burning|piping|boiling [very|too|so|really|quite|extremely|that|awfully] hot|warm",
      "burn|burns my|your|the hand|hands|fingers",
    ],
    notBehind: ["until|till [it]", "fine|ok|better|good|quiet|trouble once|when [it]"],
    notBefore: ["end|side|water|air|day|weather|gas|when|enough"],
  },
  {
    of: "runs-hot",
    say: ["hot END", "hot and|motor|housing|casing|shell|body", "hot to [the] touch", "hot when touched"],
    notBehind: [
      "trouble|problem|problems|fine|ok|good|better|normal|quiet when|once|if|while [it] [is|it's]",
      "until|till [it] [is|it's]",
      "smell|smells",
    ],
  },

  {
    of: "burning-smell",
    say: [
      "smell|smells|smelled|smelling|smelly|odour|odor|stink|stinks|stinking|stench|fumes [of|like] [burnt|burning|hot|something|rubber|varnish]",
      "smoke|smokes|smoked|smoking|smoky|smoulder*",
      "burnt|burned|melted|charred [out|up|smell|varnish]",
      "burning [smell|odour|odor|varnish|rubber|plastic]",
    ],
    notBefore: ["hot"],
  },

  {
    of: "squeals",
    say: [
      "squeal|squeals|squealed|squealing|screech*|shriek*|squeak|squeaks|squeaked|squeaking|squeaky|scream|screams|screaming|chirp|chirps|chirping|whine|whines|whined|whining|whistl*",
      "high pitched [noise|sound|whine]",
      "singing|sings",
    ],
  },
  {
    of: "rumbles",
    say: [
      "rumbl*|grind|grinds|grinding|ground|rattl*|clatter*|clank*|clunk*|knocking|knocks|roar|roars|roaring|scrap|scrape|scrapes|scraping|grating|grates|crunch*",
      "rough sound|sounds|noise|noises|bearing|bearings",
      "sounds rough",
      "like [a] _3 gravel|sand|marbles|stones|nails|rocks|coffee",
      "bearing noise",
      "noisy|loud|rough|grumbling bearing|bearings",
      "loud|noisy|noise .. bearing|bearings",
      "bearing|bearings _3 loud|noisy|noise|rough",
    ],
  },
  {
    of: "vibrates",
    say: [
      "vibrat*|shake|shakes|shaking|shaky|shook|wobbl*|judder*|shudder*|trembl*|unbalanced|imbalance",
      "out of balance",
      "jumps|dances|walks about|around",
    ],
  },

  {
    of: "slow-or-weak",
    say: ["weak|weakly|weaker|feeble|sluggish|slowly|slower|slow"],
    notBefore: ["[to|in|at|when|on|at] start|starting|starts|get|getting|come|coming|pick|picking|spin|spinning", "speed"],
  },
  {
    of: "slow-or-weak",
    say: [
      "low|poor|weak|reduced|little|less|bad|insufficient [very] air|airflow|flow|speed|pressure|suction|water|output|throughput|draught|draft|rpm",
      "hardly|barely any air|airflow|flow|pressure|suction|water",
      "not much|enough air|airflow|flow|pressure|suction|water",
      "barely|hardly blows|moves|turns|pumps|sucks|spins",
      "lost|loses|losing power|speed|suction",
      "slows|slowing|bogs|bogging down [under] [load]",
      "stall|stalls|stalled|stalling under|with|on|when|in [load|it|the|full] [belt|load]",
      "NOT _2 come|comes|coming up to|full speed",
      "NOT _2 reach|reaches|reaching|get|gets|getting [up] [to] [full|its|the] speed",
      "NOT _2 run|runs|running at|up [to] full speed",
      "NOT go|goes|get|gets|run|runs|turn|turns|spin|spins above|past|over|beyond|faster|higher",
      "half|part [of] [its] speed",
      "NOT blow|blows|blowing|pump|pumps|pumping hard|strong|enough|much",
    ],
  },
  {
    of: "slow-or-weak",
    say: [
      "run|runs|running|turns|spins [fine|ok|well] [but|and|with] no air|airflow|flow|water|suction",
      "run|runs|running|turns|spins with no air|flow|water",
    ],
  },

  {
    of: "runs-backwards",
    say: [
      "backward|backwards",
      "wrong way|direction [round|around]",
      "[in|into] reverse|reversed",
      "[the] other|opposite way|direction [round|around]",
      "turns|spins|runs clockwise|anticlockwise|counterclockwise instead",
    ],
    notBehind: ["NOT _2", "start|starts|push|turn it either|in", "NOT GO [in]"],
  },

  {
    of: "high-current",
    say: [
      "high|double|twice|excess|excessive|over|rated [the|its|rated|plate] [the|its|rated|plate] current|amps|amp|amperage|draw",
      "too much|many|high current|amps|amperage",
      "more than [the|its] [rated|plate] current|amps",
      "amps|current|amperage|draw _ [is|are|was|runs|reads] too high",
      "amps|current|amperage|draw _ [is|are|was|runs|reads] high|double|doubled|twice|over|above|excessive [the] [plate]",
      "draw|draws|drawing|pull|pulls|pulling|takes|taking [too] much|many|high|double|twice|more [the|its] [plate|rating|amps|current]",
      "over current|amps|amping",
      "overcurrent",
    ],
  },
];

const AMPS = String.raw`\d+(?:[.,]\d+)? ?(?:a|amps?)\b`;
/** Two figures of amps, the one drawn and the one printed: the only thing that is not written in words. */
export const AMPS_AND_PLATE = new RegExp(
  String.raw`\b(?:draw|pull|tak)\w* ${AMPS}[^.;]{0,20}\b${AMPS}(?: (?:plate|motor|rated))?|\b(?:draw|pull|tak)\w* \d+(?:[.,]\d+)? (?:of|on|where|instead of) (?:a )?\d+(?:[.,]\d+)?\b|\b${AMPS} (?:on|instead of|against|over|for|where)(?: an?| the)? (?:plate (?:of|says) )?\d+(?:[.,]\d+)?(?: ?(?:a|amps?))?(?: plate)?\b`,
  "g",
);
