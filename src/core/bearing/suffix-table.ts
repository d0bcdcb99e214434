/** How a bearing is closed. Ids also stand in reference cases. */
export const CLOSURES = ["open", "shield-one", "shields-both", "seal-one", "seals-both", "shield-and-seal"] as const;
export type Closure = (typeof CLOSURES)[number];

/** Classes of radial internal clearance, small to large; CM is the electric-motor class some makers stamp. */
export const CLEARANCES = ["C2", "CN", "CM", "C3", "C4", "C5"] as const;
export type Clearance = (typeof CLEARANCES)[number];

/** What a suffix speaks of. */
export type SuffixKind = "closure" | "clearance" | "accuracy" | "cage" | "groove" | "vibration" | "heat" | "material" | "use" | "design";

interface SuffixSpec {
  readonly kind: SuffixKind;
  /** closed sides, for closures */
  readonly seals?: 1 | 2;
  readonly shields?: 1 | 2;
}

/** Every suffix by its plain code; makers' spellings of it are in SPELLINGS. */
const SUFFIXES = {
  "2RS": { kind: "closure", seals: 2 },
  "2RZ": { kind: "closure", seals: 2 },
  RS: { kind: "closure", seals: 1 },
  RZ: { kind: "closure", seals: 1 },
  "2Z": { kind: "closure", shields: 2 },
  Z: { kind: "closure", shields: 1 },
  C2: { kind: "clearance" },
  CN: { kind: "clearance" },
  CM: { kind: "clearance" },
  C3: { kind: "clearance" },
  C4: { kind: "clearance" },
  C5: { kind: "clearance" },
  P0: { kind: "accuracy" },
  P6: { kind: "accuracy" },
  P5: { kind: "accuracy" },
  P4: { kind: "accuracy" },
  P2: { kind: "accuracy" },
  N: { kind: "groove" },
  NR: { kind: "groove" },
  M: { kind: "cage" },
  TN: { kind: "cage" },
  J: { kind: "cage" },
  Z1: { kind: "vibration" },
  Z2: { kind: "vibration" },
  Z3: { kind: "vibration" },
  Z4: { kind: "vibration" },
  V1: { kind: "vibration" },
  V2: { kind: "vibration" },
  V3: { kind: "vibration" },
  V4: { kind: "vibration" },
  S0: { kind: "heat" },
  S1: { kind: "heat" },
  S2: { kind: "heat" },
  S3: { kind: "heat" },
  HT: { kind: "heat" },
  LT: { kind: "heat" },
  SS: { kind: "material" },
  EMQ: { kind: "use" },
  E: { kind: "design" },
} as const satisfies Record<string, SuffixSpec>;
export type SuffixCode = keyof typeof SUFFIXES;
export const SUFFIX_CODES = Object.keys(SUFFIXES) as SuffixCode[];

/**
 * What a suffix means, by its code.
 * @param code code of the suffix
 * @returns its meaning
 */
export const suffixSpec = (code: SuffixCode): SuffixSpec => SUFFIXES[code];

/* Spellings, by what they mean. Makers write the same closure in many ways; P63 is P6 and C3 in one. */
const CLASSES: readonly SuffixCode[] = ["P6", "P5", "P4"];
const SPELLED: readonly (readonly [readonly SuffixCode[], readonly string[]])[] = [
  [
    ["2RS"],
    [
      "2RSR",
      "2RSH",
      "2RS1",
      "2RS2",
      "2RSL",
      "2RS",
      "2BRS",
      "2PRS",
      "2RD",
      "RSRS",
      "LLU",
      "LLH",
      "DDU",
      "DDW",
      "DD",
      "EE",
      "PP",
      "UU",
      "2NSE",
      "2HRS",
    ],
  ],
  [["2RZ"], ["2RZ", "2RU", "LLB", "VV", "2NKE"]],
  [["RS"], ["RSR", "RSH", "RS1", "RS2", "RSL", "RS", "BRS", "HRS", "LU", "LH", "DU", "DW", "NSE"]],
  [["RZ"], ["RZ", "LB", "VU", "NKE"]],
  [["2Z"], ["2ZR", "ZZR", "2Z", "ZZ", "FF"]],
  [["Z"], ["ZR", "Z"]],
  [
    ["Z", "RS"],
    ["ZRS", "RSZ"],
  ],
  [["CN"], ["CN", "C0"]],
  [["P0"], ["P0", "ABEC1"]],
  [["P6"], ["P6", "ABEC3"]],
  [["P5"], ["P5", "ABEC5"]],
  [["P4"], ["P4", "ABEC7"]],
  [["P2"], ["P2", "ABEC9"]],
  [["M"], ["MA", "MB", "M"]],
  [["TN"], ["TN9", "TNH", "TVH", "TVP", "T9H", "T9", "TN"]],
  [["J"], ["JN", "JA", "J"]],
  [["SS"], ["SS", "INOX"]],
  [["E"], ["E", "A", "B"]],
  ...CLASSES.flatMap((accuracy) =>
    (["C2", "C3", "C4"] as const).map((clearance) => [[accuracy, clearance], [`${accuracy}${clearance.slice(1)}`]] as const),
  ),
  ...(
    [
      "C2",
      "CM",
      "C3",
      "C4",
      "C5",
      "NR",
      "N",
      "Z1",
      "Z2",
      "Z3",
      "Z4",
      "V1",
      "V2",
      "V3",
      "V4",
      "S0",
      "S1",
      "S2",
      "S3",
      "HT",
      "LT",
      "EMQ",
    ] as const
  ).map((code) => [[code], [code]] as const),
];

/** Every spelling of a suffix with what it means, the longest first, so that the most is taken at once. */
export const SPELLINGS: readonly { readonly spelled: string; readonly codes: readonly SuffixCode[] }[] = SPELLED.flatMap(([codes, ways]) =>
  ways.map((spelled) => ({ spelled, codes })),
).sort((a, b) => b.spelled.length - a.spelled.length);

/* Closures behind an old three-figure number, where D is a shield and P a seal. */
const OLD_CLOSURES: readonly (readonly [RegExp, Closure])[] = [
  [/^(?:K?DD|SZZ|S?S?ZZ|SS|FF|2Z)$/, "shields-both"],
  [/^(?:PP|2RS|RSRS|LL|LLU)$/, "seals-both"],
  [/^(?:K?D|Z|F)$/, "shield-one"],
  [/^(?:P|RS|L)$/, "seal-one"],
  [/^$/, "open"],
];

/** The closure behind an old number; null where these letters are not known. */
export const oldClosure = (suffix: string): Closure | null =>
  OLD_CLOSURES.find(([pattern]) => pattern.test(suffix.replace(/\bC[2-5NM]\b/g, "").replace(/^[\s/-]+|[\s/-]+$/g, "")))?.[1] ?? null;

/** The closure that these suffixes amount to. */
export function closureOf(codes: readonly SuffixCode[]): Closure {
  const count = (side: "seals" | "shields"): number => codes.reduce((sum, code) => sum + (suffixSpec(code)[side] ?? 0), 0);
  const [seals, shields] = [count("seals"), count("shields")];
  if (seals > 0 && shields > 0) return "shield-and-seal";
  if (seals > 0) return seals === 1 ? "seal-one" : "seals-both";
  return shields === 0 ? "open" : shields === 1 ? "shield-one" : "shields-both";
}
