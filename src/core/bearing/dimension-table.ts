/** One size: the number stamped on it and its boundary dimensions [mm]. */
export interface BearingSize {
  readonly number: string;
  readonly series: BearingSeries;
  readonly boreMm: number;
  readonly outsideMm: number;
  /** open type */
  readonly widthMm: number;
  /** with shields or seals, where these make it wider */
  readonly closedWidthMm?: number;
  /** balls of its usual design: how many, their diameter, the diameter of the circle they run on [mm]; absent: not listed */
  readonly balls?: Balls;
}
type Balls = readonly [count: number, diameterMm: number, pitchMm: number];

/** [number, bore, outside, width, width with shields or seals where it differs, balls of the usual design where they are listed], all mm */
type Row = readonly [string, number, number, number, (number | null)?, Balls?];

/* ISO 15:2017, dimension series 18, 19, 00, 10, 02 and 03; bore codes 00 to 20. */
const SERIES_618: readonly Row[] = [
  ["61800", 10, 19, 5],
  ["61801", 12, 21, 5],
  ["61802", 15, 24, 5],
  ["61803", 17, 26, 5],
  ["61804", 20, 32, 7],
  ["61805", 25, 37, 7],
  ["61806", 30, 42, 7],
  ["61807", 35, 47, 7],
  ["61808", 40, 52, 7],
  ["61809", 45, 58, 7],
  ["61810", 50, 65, 7],
  ["61811", 55, 72, 9],
  ["61812", 60, 78, 10],
  ["61813", 65, 85, 10],
  ["61814", 70, 90, 10],
  ["61815", 75, 95, 10],
  ["61816", 80, 100, 10],
  ["61817", 85, 110, 13],
  ["61818", 90, 115, 13],
  ["61819", 95, 120, 13],
  ["61820", 100, 125, 13],
];

const SERIES_619: readonly Row[] = [
  ["61900", 10, 22, 6],
  ["61901", 12, 24, 6],
  ["61902", 15, 28, 7],
  ["61903", 17, 30, 7],
  ["61904", 20, 37, 9],
  ["61905", 25, 42, 9],
  ["61906", 30, 47, 9],
  ["61907", 35, 55, 10],
  ["61908", 40, 62, 12],
  ["61909", 45, 68, 12],
  ["61910", 50, 72, 12],
  ["61911", 55, 80, 13],
  ["61912", 60, 85, 13],
  ["61913", 65, 90, 13],
  ["61914", 70, 100, 16],
  ["61915", 75, 105, 16],
  ["61916", 80, 110, 16],
  ["61917", 85, 120, 18],
  ["61918", 90, 125, 18],
  ["61919", 95, 130, 18],
  ["61920", 100, 140, 20],
];

const SERIES_160: readonly Row[] = [
  ["16001", 12, 28, 7],
  ["16002", 15, 32, 8],
  ["16003", 17, 35, 8],
  ["16004", 20, 42, 8],
  ["16005", 25, 47, 8],
  ["16006", 30, 55, 9],
  ["16007", 35, 62, 9],
  ["16008", 40, 68, 9],
  ["16009", 45, 75, 10],
  ["16010", 50, 80, 10],
  ["16011", 55, 90, 11],
  ["16012", 60, 95, 11],
  ["16013", 65, 100, 11],
  ["16014", 70, 110, 13],
  ["16015", 75, 115, 13],
  ["16016", 80, 125, 14],
  ["16017", 85, 130, 14],
  ["16018", 90, 140, 16],
  ["16019", 95, 145, 16],
  ["16020", 100, 150, 16],
];

const SERIES_60: readonly Row[] = [
  ["6000", 10, 26, 8, null, [7, 4.762, 18]],
  ["6001", 12, 28, 8, null, [8, 4.762, 20]],
  ["6002", 15, 32, 9, null, [9, 4.762, 23.5]],
  ["6003", 17, 35, 10, null, [10, 4.762, 26]],
  ["6004", 20, 42, 12, null, [9, 6.35, 31]],
  ["60/22", 22, 44, 12],
  ["6005", 25, 47, 12, null, [10, 6.35, 36]],
  ["60/28", 28, 52, 12],
  ["6006", 30, 55, 13, null, [11, 7.144, 42.5]],
  ["60/32", 32, 58, 13],
  ["6007", 35, 62, 14],
  ["6008", 40, 68, 15],
  ["6009", 45, 75, 16],
  ["6010", 50, 80, 16],
  ["6011", 55, 90, 18],
  ["6012", 60, 95, 18],
  ["6013", 65, 100, 18],
  ["6014", 70, 110, 20],
  ["6015", 75, 115, 20],
  ["6016", 80, 125, 22],
  ["6017", 85, 130, 22],
  ["6018", 90, 140, 24],
  ["6019", 95, 145, 24],
  ["6020", 100, 150, 24],
];

const SERIES_62: readonly Row[] = [
  ["6200", 10, 30, 9, null, [8, 4.762, 20]],
  ["6201", 12, 32, 10, null, [7, 5.953, 22]],
  ["6202", 15, 35, 11, null, [8, 5.953, 25]],
  ["6203", 17, 40, 12, null, [8, 6.747, 28.5]],
  ["6204", 20, 47, 14, null, [8, 7.938, 33.5]],
  ["62/22", 22, 50, 14],
  ["6205", 25, 52, 15, null, [9, 7.938, 38.5]],
  ["62/28", 28, 58, 16],
  ["6206", 30, 62, 16, null, [9, 9.525, 46]],
  ["62/32", 32, 65, 17],
  ["6207", 35, 72, 17],
  ["6208", 40, 80, 18],
  ["6209", 45, 85, 19],
  ["6210", 50, 90, 20],
  ["6211", 55, 100, 21],
  ["6212", 60, 110, 22],
  ["6213", 65, 120, 23],
  ["6214", 70, 125, 24],
  ["6215", 75, 130, 25],
  ["6216", 80, 140, 26],
  ["6217", 85, 150, 28],
  ["6218", 90, 160, 30],
  ["6219", 95, 170, 32],
  ["6220", 100, 180, 34],
];

const SERIES_63: readonly Row[] = [
  ["6300", 10, 35, 11],
  ["6301", 12, 37, 12],
  ["6302", 15, 42, 13],
  ["6303", 17, 47, 14],
  ["6304", 20, 52, 15, null, [7, 9.525, 36]],
  ["63/22", 22, 56, 16],
  ["6305", 25, 62, 17],
  ["63/28", 28, 68, 18],
  ["6306", 30, 72, 19],
  ["63/32", 32, 75, 20],
  ["6307", 35, 80, 21],
  ["6308", 40, 90, 23],
  ["6309", 45, 100, 25],
  ["6310", 50, 110, 27],
  ["6311", 55, 120, 29],
  ["6312", 60, 130, 31],
  ["6313", 65, 140, 33],
  ["6314", 70, 150, 35],
  ["6315", 75, 160, 37],
  ["6316", 80, 170, 39],
  ["6317", 85, 180, 41],
  ["6318", 90, 190, 43],
  ["6319", 95, 200, 45],
  ["6320", 100, 215, 47],
];

/* ISO 15:2017, dimension series 04: heavy. */
const SERIES_64: readonly Row[] = [
  ["6403", 17, 62, 17],
  ["6404", 20, 72, 19],
  ["6405", 25, 80, 21],
  ["6406", 30, 90, 23],
  ["6407", 35, 100, 25],
  ["6408", 40, 110, 27],
  ["6409", 45, 120, 29],
  ["6410", 50, 130, 31],
];

/* ISO 15:2017, dimension series 22, 23 and 30: as 62, 63 and 60, wider, nearly always sealed. */
const SERIES_622: readonly Row[] = [
  ["62200", 10, 30, 14],
  ["62201", 12, 32, 14],
  ["62202", 15, 35, 14],
  ["62203", 17, 40, 16],
  ["62204", 20, 47, 18],
  ["62205", 25, 52, 18],
  ["62206", 30, 62, 20],
  ["62207", 35, 72, 23],
  ["62208", 40, 80, 23],
  ["62209", 45, 85, 23],
  ["62210", 50, 90, 23],
  ["62211", 55, 100, 25],
  ["62212", 60, 110, 28],
];

const SERIES_623: readonly Row[] = [
  ["62300", 10, 35, 17],
  ["62301", 12, 37, 17],
  ["62302", 15, 42, 17],
  ["62303", 17, 47, 19],
  ["62304", 20, 52, 21],
  ["62305", 25, 62, 24],
  ["62306", 30, 72, 27],
  ["62307", 35, 80, 31],
  ["62308", 40, 90, 33],
  ["62309", 45, 100, 36],
  ["62310", 50, 110, 40],
];

const SERIES_630: readonly Row[] = [
  ["63000", 10, 26, 12],
  ["63001", 12, 28, 12],
  ["63002", 15, 32, 13],
  ["63003", 17, 35, 14],
  ["63004", 20, 42, 16],
  ["63005", 25, 47, 16],
  ["63006", 30, 55, 19],
  ["63007", 35, 62, 20],
  ["63008", 40, 68, 21],
  ["63009", 45, 75, 23],
  ["63010", 50, 80, 23],
];

/* Inch series of electric motors and conveyors, bores in eighths and sixteenths, in mm to the third place. */
const INCH_16: readonly Row[] = [
  ["1601", 4.762, 17.462, 6.35],
  ["1602", 6.35, 17.462, 6.35],
  ["1603", 7.938, 22.225, 7.144],
  ["1605", 7.938, 23.019, 7.938],
  ["1606", 9.525, 23.019, 7.938],
  ["1607", 11.112, 23.019, 7.938],
  ["1614", 9.525, 28.575, 9.525],
  ["1615", 11.112, 28.575, 9.525],
  ["1616", 12.7, 28.575, 9.525],
  ["1620", 11.112, 34.925, 11.112],
  ["1621", 12.7, 34.925, 11.112],
  ["1622", 14.288, 34.925, 11.112],
  ["1623", 15.875, 34.925, 11.112],
  ["1628", 15.875, 41.275, 12.7],
  ["1630", 19.05, 41.275, 12.7],
  ["1633", 15.875, 44.45, 12.7],
  ["1635", 19.05, 44.45, 12.7],
  ["1638", 19.05, 50.8, 14.288],
  ["1640", 22.225, 50.8, 14.288],
  ["1641", 25.4, 50.8, 14.288],
  ["1652", 28.575, 63.5, 15.875],
  ["1654", 31.75, 63.5, 15.875],
];

/* ISO 15:2017, bores below 10 mm: the last figure is the bore. Thin ones are made wider with shields. */
const MINIATURE: readonly Row[] = [
  ["603", 3, 9, 3, 5],
  ["604", 4, 12, 4],
  ["605", 5, 14, 5],
  ["606", 6, 17, 6],
  ["607", 7, 19, 6],
  ["608", 8, 22, 7, null, [7, 3.969, 15]],
  ["609", 9, 24, 7],
  ["623", 3, 10, 4],
  ["624", 4, 13, 5],
  ["625", 5, 16, 5],
  ["626", 6, 19, 6],
  ["627", 7, 22, 7],
  ["628", 8, 24, 8],
  ["629", 9, 26, 8],
  ["633", 3, 13, 5],
  ["634", 4, 16, 5],
  ["635", 5, 19, 6],
  ["636", 6, 22, 7],
  ["637", 7, 26, 9],
  ["638", 8, 28, 9],
  ["639", 9, 30, 10],
  ["683", 3, 7, 2, 3],
  ["684", 4, 9, 2.5, 4],
  ["685", 5, 11, 3, 5],
  ["686", 6, 13, 3.5, 5],
  ["687", 7, 14, 3.5, 5],
  ["688", 8, 16, 4, 5],
  ["689", 9, 17, 4, 5],
  ["693", 3, 8, 3, 4],
  ["694", 4, 11, 4],
  ["695", 5, 13, 4],
  ["696", 6, 15, 5],
  ["697", 7, 17, 5],
  ["698", 8, 19, 6],
  ["699", 9, 20, 6],
];

/* Inch series, ANSI/ABMA Std 12.2: sizes in 1/16 in of bore, mm as the standard rounds them. */
const INCH: readonly Row[] = [
  ["R133", 2.38, 4.762, 1.588, 2.38],
  ["R144", 3.175, 6.35, 2.38, 2.779],
  ["R155", 3.967, 7.938, 2.779, 3.175],
  ["R156", 4.762, 7.938, 2.779, 3.175],
  ["R166", 4.762, 9.525, 3.175],
  ["R168", 6.35, 9.525, 3.175],
  ["R188", 6.35, 12.7, 3.175, 4.762],
  ["R1810", 7.938, 12.7, 3.967],
  ["R2", 3.175, 9.525, 3.967],
  ["R2A", 3.175, 12.7, 4.366],
  ["R3", 4.762, 12.7, 3.967, 4.978],
  ["R4", 6.35, 15.875, 4.978],
  ["R4A", 6.35, 19.05, 5.558, 7.142],
  ["R6", 9.525, 22.225, 5.558, 7.142],
  ["R8", 12.7, 28.575, 6.35, 7.938],
  ["R10", 15.875, 34.925, 7.142, 8.733],
  ["R12", 19.05, 41.275, 7.938, 11.112],
  ["R14", 22.225, 47.625, 9.525, 12.7],
  ["R16", 25.4, 50.8, 9.525, 12.7],
  ["R18", 28.575, 53.975, 9.525, 12.7],
  ["R20", 31.75, 57.15, 9.525, 12.7],
  ["R22", 34.925, 63.5, 11.112, 14.288],
  ["R24", 38.1, 66.675, 11.112, 14.288],
];

/*
 * Metric outside, bore in sixteenths of an inch: common on fan shafts of 1/2, 5/8 and 3/4 in. Bores that a calliper
 * cannot tell from the metric one (6206-19) are read from a stamp only.
 */
const SPECIAL_BORE: readonly Row[] = [
  ["6201-8", 12.7, 32, 10],
  ["6202-8", 12.7, 35, 11],
  ["6202-10", 15.875, 35, 11],
  ["6203-8", 12.7, 40, 12],
  ["6203-10", 15.875, 40, 12],
  ["6203-12", 19.05, 40, 12],
  ["6204-10", 15.875, 47, 14],
  ["6204-12", 19.05, 47, 14],
  ["6205-14", 22.225, 52, 15],
  ["6205-15", 23.812, 52, 15],
  ["6205-16", 25.4, 52, 15],
  ["6206-16", 25.4, 62, 16],
  ["6206-18", 28.575, 62, 16],
  ["6206-20", 31.75, 62, 16],
  ["6207-20", 31.75, 72, 17],
  ["6208-24", 38.1, 80, 18],
];

/** One family of sizes. */
interface Series {
  readonly rows: readonly Row[];
  /** how usual it is: of two sizes that both fit what can be read the usual one comes first */
  readonly rank: number;
  /** the same size under another number: 68xx for 618xx */
  readonly otherNumber?: (number: string) => string | null;
  /** first figure of the old three-figure numbers: 203 is 6203 */
  readonly oldFigure?: string;
}

/** Miniature sizes with a slash before the bore: 618/4 for 684. */
const SLASHED: Readonly<Record<string, string>> = { "68": "618/", "69": "619/", "60": "60/", "62": "62/", "63": "63/" };
const slashed = (number: string): string | null => {
  const family = SLASHED[number.slice(0, 2)];
  return family === undefined ? null : family + number.slice(2);
};
const thin = (number: string): string => `6${number.slice(2)}`;

/** Families of deep-groove ball bearings: a new one is a row here, its sizes with their balls. */
const SERIES_TABLE = {
  "618": { rows: SERIES_618, rank: 13, otherNumber: thin },
  "619": { rows: SERIES_619, rank: 12, otherNumber: thin },
  "160": { rows: SERIES_160, rank: 11 },
  "60": { rows: SERIES_60, rank: 1, oldFigure: "1" },
  "62": { rows: SERIES_62, rank: 0, oldFigure: "2" },
  "63": { rows: SERIES_63, rank: 2, oldFigure: "3" },
  "64": { rows: SERIES_64, rank: 8 },
  "622": { rows: SERIES_622, rank: 5 },
  "623": { rows: SERIES_623, rank: 7 },
  "630": { rows: SERIES_630, rank: 6 },
  miniature: { rows: MINIATURE, rank: 3, otherNumber: slashed },
  inch: { rows: INCH, rank: 4 },
  "inch-16": { rows: INCH_16, rank: 9 },
  "special-bore": { rows: SPECIAL_BORE, rank: 10 },
} as const satisfies Record<string, Series>;
export type BearingSeries = keyof typeof SERIES_TABLE;
const seriesRow = (series: BearingSeries): Series => SERIES_TABLE[series];
/** The usual ones first. */
const BEARING_SERIES = (Object.keys(SERIES_TABLE) as BearingSeries[]).sort((a, b) => SERIES_TABLE[a].rank - SERIES_TABLE[b].rank);

/**
 * How usual a family is: the least is the usual one.
 * @param series which family
 * @returns its place
 */
export const seriesRank = (series: BearingSeries): number => seriesRow(series).rank;

/**
 * Boundary dimensions of the usual deep-groove ball bearings.
 * @source ISO 15:2017, tables for dimension series 18, 19, 00, 10, 02, 03, 04, 22, 23, 30; ANSI/ABMA Std 12.2 for the inch series
 */
export const BEARING_SIZES: readonly BearingSize[] = BEARING_SERIES.flatMap((series) =>
  seriesRow(series).rows.map(([number, boreMm, outsideMm, widthMm, closedWidthMm, balls]): BearingSize => ({
    number,
    series,
    boreMm,
    outsideMm,
    widthMm,
    ...(closedWidthMm == null ? {} : { closedWidthMm }),
    ...(balls ? { balls } : {}),
  })),
);

const BY_NUMBER = new Map(BEARING_SIZES.map((size) => [size.number, size]));

/* Other ways the same size is numbered. */
const OTHER_NUMBERS: ReadonlyMap<string, string> = new Map(
  BEARING_SIZES.flatMap(({ number, series }): (readonly [string, string])[] => {
    const other = seriesRow(series).otherNumber?.(number) ?? null;
    return other === null ? [] : [[other, number]];
  }),
);

/** Every number under which a size can be stamped, with the size. */
export const STAMPED_NUMBERS: readonly (readonly [string, BearingSize])[] = [
  ...BEARING_SIZES.map((size) => [size.number, size] as const),
  ...[...OTHER_NUMBERS].flatMap(([stamped, number]) => {
    const size = BY_NUMBER.get(number);
    return size ? [[stamped, size] as const] : [];
  }),
];

/** Old three-figure numbers (203 is 6203) with the size; their suffix letters have meanings of their own. */
export const OLD_NUMBERS: readonly (readonly [string, BearingSize])[] = BEARING_SIZES.flatMap((size) => {
  const old = seriesRow(size.series).oldFigure;
  return old !== undefined && /^\d{4}$/.test(size.number) ? [[`${old}${size.number.slice(2)}`, size] as const] : [];
});

/** One sixteenth of an inch [mm]. */
const SIXTEENTH_MM = 25.4 / 16;
/** An inner ring can be bored out, or left thicker, so far and no farther. */
const LEAST_BORE = 0.68;
const MOST_BORE = 1.22;

/**
 * The size of a metric number with its bore in sixteenths of an inch; null where no inner ring leaves room for it.
 * @example withInchBore(6205, 16) -> 6205-16, 25.4 × 52 × 15 mm
 */
export function withInchBore(size: BearingSize, sixteenths: number): BearingSize | null {
  const number = `${size.number}-${sixteenths}`;
  const listed = BY_NUMBER.get(number);
  if (listed) return listed;
  const boreMm = Number((sixteenths * SIXTEENTH_MM).toFixed(3));
  const ratio = boreMm / size.boreMm;
  if (ratio < LEAST_BORE || ratio > MOST_BORE) return null;
  // What its balls are is not listed of another bore.
  const { outsideMm, widthMm, closedWidthMm } = size;
  return { number, series: "special-bore", boreMm, outsideMm, widthMm, ...(closedWidthMm === undefined ? {} : { closedWidthMm }) };
}

const BY_STAMP = new Map(STAMPED_NUMBERS);

/**
 * The size of a number as stamped, suffixes taken off; null when the table has none.
 * @param number number as stamped
 * @returns the size, or null when the table has none
 */
export const bearingSize = (number: string): BearingSize | null => BY_STAMP.get(number) ?? null;

/**
 * Width of a size with this many closures: shields and seals make thin ones wider.
 * @param size a size of the table
 * @param isClosed whether it has shields or seals
 * @returns width [mm]; null when the table has no such width
 */
export const widthOf = (size: BearingSize, isClosed: boolean): number => (isClosed ? (size.closedWidthMm ?? size.widthMm) : size.widthMm);
