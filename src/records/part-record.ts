import * as v from "valibot";
import { PART_KINDS } from "@/core/exchange/swap-table";
import { EPOCH, isLoose, MomentSchema, textSchema, type Loose } from "@/core/kept";
import { MotorSheetSchema } from "@/core/match/sheet-schema";
import { photoSchema } from "@/core/kept/photo";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

const millimetres = v.nullable(v.pipe(v.number(), v.minValue(1), v.maxValue(1000)));
const IdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes"));
const MOST_PIECES = 10_000;
const pieces = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MOST_PIECES));

/** How a part lies there. Persisted: do not change without a migration. */
export const SHELF_STATES = ["new", "used", "tested", "untested", "for-parts"] as const;
export type ShelfState = (typeof SHELF_STATES)[number];

/** A picture of one part is small. */
export const MOST_PART_PHOTO_CHARACTERS = 120_000;
const MOST_PART_READINGS = 40;

/** Readings a spare came with, from the card of the machine it was taken out of. */
const TestedSchema = v.object({
  at: MomentSchema,
  cardId: v.nullable(IdSchema),
  /** machine and site it came from */
  donor: textSchema("printed"),
  /** what each station said of it then */
  readings: v.pipe(v.array(v.object({ what: textSchema("word"), said: textSchema("note") })), v.maxLength(MOST_PART_READINGS)),
});
export type TestedPart = v.InferOutput<typeof TestedSchema>;

const ohm = v.pipe(v.number(), v.minValue(0), v.maxValue(1e6));
/** Ohms of a motor's windings, once they were named: what a sister motor is held against. */
const PartWindingsSchema = v.object({
  /** of a halved main winding one half, of a shaded-pole motor the coil */
  mainOhm: v.nullable(ohm),
  startOhm: v.nullable(ohm),
  /** between the speeds, from the highest down */
  sectionsOhm: v.pipe(v.array(ohm), v.maxLength(4)),
  /** while they were measured; null: nobody wrote it down */
  windingC: v.nullable(v.pipe(v.number(), v.minValue(-60), v.maxValue(300))),
});
export type PartWindings = v.InferOutput<typeof PartWindingsSchema>;

/** One line of the shelf: a part at hand, by what its kind is known by. */
export const PartSchema = v.object({
  id: IdSchema,
  kind: v.picklist(PART_KINDS),
  /** label of a capacitor, number of a bearing, name of a motor or of anything else */
  label: textSchema("printed"),
  maker: textSchema("word"),
  /** truck, shelf at home, supplier */
  place: textSchema("word"),
  quantity: pieces,
  /** the list to buy begins below it */
  lowest: pieces,
  price: v.pipe(v.number(), v.minValue(0), v.maxValue(100000)),
  diameterMm: millimetres,
  heightMm: millimetres,
  terminals: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(12))),
  state: v.picklist(SHELF_STATES),
  /** of a motor */
  sheet: v.nullable(MotorSheetSchema),
  tested: v.nullable(TestedSchema),
  windings: v.nullable(PartWindingsSchema),
  photo: v.nullable(photoSchema(MOST_PART_PHOTO_CHARACTERS)),
  note: textSchema("note"),
  isDemo: v.boolean(),
  updatedAt: MomentSchema,
});
export type Part = v.InferOutput<typeof PartSchema>;

/** The shelf had capacitors alone, new ones. */
const withKinds = (part: Loose): Loose => ({
  kind: "capacitor",
  lowest: 0,
  state: "new",
  sheet: null,
  tested: null,
  photo: null,
  note: "",
  ...part,
});

/** A motor's sheet did not say how it gets its start. */
const withType = ({ sheet, ...part }: Loose): Loose => ({ ...part, sheet: isLoose(sheet) ? { type: null, ...sheet } : (sheet ?? null) });

/** A motor had no ohms of its own. */
const withWindings = (part: Loose): Loose => ({ windings: null, ...part });

export const partType = defineRecordType("part", {
  schema: PartSchema,
  blank: (id) => ({
    id,
    kind: "capacitor",
    label: "",
    maker: "",
    place: "",
    quantity: 0,
    lowest: 0,
    price: 0,
    diameterMm: null,
    heightMm: null,
    terminals: null,
    state: "new",
    sheet: null,
    tested: null,
    windings: null,
    photo: null,
    note: "",
    isDemo: false,
    updatedAt: EPOCH,
  }),
  migrations: [
    { to: 2, migrate: toOneForm },
    { to: 3, migrate: withKinds },
    { to: 4, migrate: withWindings },
    { to: 5, migrate: withType },
  ],
});
