import type { Course, Event } from "../diagnosis";

/** Words for how it came about. */
export interface CourseRow {
  readonly of: Course;
  readonly say: readonly string[];
}

/** Words for what came before. */
export interface EventRow {
  readonly of: Event;
  readonly say: readonly string[];
}

export const COURSE_WORDS: readonly CourseRow[] = [
  {
    of: "sudden",
    say: [
      "sudden|suddenly",
      "all at once",
      "out of the blue",
      "without [any] warning",
      "from one moment|minute|day to [the] next",
      "just stopped|quit|died",
      "overnight",
    ],
  },
  {
    of: "growing",
    say: [
      "worse and worse",
      "more and more",
      "slower and slower|louder and louder|hotter and hotter|weaker and weaker",
      "getting|gets|got|growing|becoming worse|louder|slower|hotter|weaker|noisier",
      "slower|louder|hotter|weaker|noisier|worse every|each|by [the] day|week|month|time",
      "gradual|gradually",
      "bit by bit",
      "little by little",
      "over|for the last|past [few] _1 days|weeks|months|years",
    ],
  },
  {
    of: "sometimes-then-always",
    say: [
      "SOMETIMES .. now|then|today [it] [is|does|trips] [it] always|permanently|constantly",
      "SOMETIMES .. now|then|today [it] [is|does|trips] [it] every|each time|start|day",
      "SOMETIMES .. now|then [it] all the time",
      "SOMETIMES .. now|then for good",
      "SOMETIMES , [and|but] now [it] never _2",
      "first|initially SOMETIMES",
      "first|initially only SOMETIMES",
    ],
  },
  {
    of: "only-cold",
    say: [
      "when|while|if [it] [is|it's] [very] cold",
      "only|first when|while cold",
      "cold|frosty morning|mornings|weather|start|starts|nights|days",
      "in the|winter cold",
      "first thing in the morning",
      "NOW until|till [it] [is|has|it's] warm|warmed|hot [up]",
    ],
  },
  {
    of: "only-hot",
    say: [
      "when|while|if|once [it] [is|it's|gets] [very|too] hot|warm",
      "after [it] [has|it's] warmed|heated up",
      "on hot days",
      "in hot|warm weather",
      "NEVER _3 until|till|before [it] [is|has|it's] warm|warmed|hot [up]",
    ],
  },
  {
    of: "better-once-run",
    say: [
      "fine|ok|better|good|normal|quiet once|after|when [it] [has|is|it's] run|running|going|started",
      "fine|ok|better|good|quiet after a while|bit",
      "fine|ok|better once warm",
      "no trouble when|once hot|warm|running",
    ],
  },
];

export const EVENT_WORDS: readonly EventRow[] = [
  {
    of: "storm",
    say: [
      "SINCE _3 storm|storms|lightning|thunderstorm|outage|outages|blackout|brownout|surge",
      "SINCE _3 power|mains cut|failure|outage",
      "lightning|struck [struck|by] [lightning]",
      "power|mains came back",
    ],
  },
  {
    of: "repair",
    say: [
      "SINCE _3 repair|repaired|repairs|swap|swapped|swapping|replacement|replaced|replacing|change|changed|changing|rewind|rewound|overhaul|service|serviced|work|fitted|fitting|installed|installation",
      "SINCE [the|a|an|we|i|they|he] [got|put|fitted] [in] [a|the] new _3",
      "SINCE OTHERS was|worked|came|did",
      "SINCE someone|somebody _2 swapped|changed|replaced|worked|repaired|was",
    ],
  },
  {
    of: "standstill",
    say: [
      "SINCE standing|sitting|storage|idle",
      "SINCE [it] [has|had|a] stood|sat|standing|idle|laid|stored",
      "SINCE _3 holiday|holidays|winter|shutdown|shut-down|summer|season|weekend|standstill|pause",
      "stood|sat|standing|sitting|idle|unused for|all|over|the _3 winter|week|weeks|month|months|year|years|summer|season|holidays",
      "not been used for",
      "NOT _1 used for|since",
      "out of use",
    ],
  },
  {
    of: "water",
    say: [
      "SINCE _3 rain|rained|rains|flood|flooded|flooding|leak|wet|hosed|wash|washed|washing|water|soaked|condensation",
      "got|gets|was|were|is|been|stood _2 wet|flooded|soaked|drenched|splashed|submerged|rained",
      "water got|gets|came|went|ran|dripped|drips|in|inside",
      "under water",
      "in|from the rain",
      "when|if|whenever it [is|it's] rains|raining|wet|damp",
    ],
  },
  {
    of: "moved-or-cleaned",
    say: [
      "SINCE _3 moved|move|moving|cleaned|cleaning|clean|shifted|transport|transported|relocated|painted|painting",
      "was moved|cleaned|relocated|shifted",
    ],
  },
];
