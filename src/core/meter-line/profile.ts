import * as v from "valibot";
import { textSchema } from "../kept";
import { MeterSchema, QUANTITY_IDS } from "../quantity";

/** Ways that carry a meter's line. Persisted: do not change without a migration. */
const CARRIERS = ["serial", "bluetooth", "bridge"] as const;
export type Carrier = (typeof CARRIERS)[number];

const byte = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(255));
const place = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(255));
const WORDS_MOST = 60;
const wordSchema = v.pipe(v.string(), v.minLength(1), v.maxLength(40));
const functions = v.picklist([...QUANTITY_IDS, "other"]);
const wordsTo = <Value extends v.GenericSchema>(value: Value) =>
  v.pipe(
    v.record(wordSchema, value),
    v.check((words) => Object.keys(words).length <= WORDS_MOST, `at most ${WORDS_MOST} words`),
  );
const codesTo = <Value extends v.GenericSchema>(value: Value) =>
  v.pipe(v.array(v.object({ code: byte, means: value })), v.maxLength(WORDS_MOST));

const SerialSchema = v.object({
  baudRate: v.pipe(v.number(), v.integer(), v.minValue(50), v.maxValue(4_000_000)),
  dataBits: v.picklist([7, 8]),
  stopBits: v.picklist([1, 2]),
  parity: v.picklist(["none", "even", "odd"]),
});
/** A 16-bit number of four hex digits, or the whole id. */
const uuidSchema = v.pipe(
  v.string(),
  v.regex(/^(?:[0-9a-f]{4}|[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})$/i, "four hex digits, or a whole id"),
);
const BluetoothSchema = v.object({ service: uuidSchema, tells: uuidSchema, hears: v.nullable(uuidSchema) });

/** A bridge runs on the same machine: nothing leaves it. */
const BRIDGE_ADDRESS = /^ws:\/\/(?:localhost|127\.0\.0\.1)(?::\d{1,5})?(?:\/[\w./-]*)?$/;
const BridgeSchema = v.object({ address: v.pipe(v.string(), v.maxLength(200), v.regex(BRIDGE_ADDRESS, "a port of this machine")) });

const MOST_LINES = 8;
/** One line of text a figure, ended by a sign. */
const LineFramingSchema = v.object({
  kind: v.literal("lines"),
  end: v.picklist(["\n", "\r", ";"]),
  /** how lines are built: `<value> <unit> <function>` */
  lines: v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(200))), v.minLength(1), v.maxLength(MOST_LINES)),
});

const numberAt = v.object({
  at: place,
  bytes: v.picklist([1, 2, 3, 4, 8]),
  as: v.picklist(["integer", "unsigned", "float", "decimal", "text"]),
  order: v.picklist(["big", "little"]),
});
const bitsAt = { at: place, mask: byte };
/** Packets of so many bytes, each thing in its place. */
const PacketFramingSchema = v.object({
  kind: v.literal("packets"),
  length: v.pipe(v.number(), v.integer(), v.minValue(2), v.maxValue(64)),
  /** bytes that each begins with */
  head: v.pipe(v.array(byte), v.maxLength(8)),
  check: v.picklist(["none", "sum", "xor"]),
  value: numberAt,
  /** digits behind the point: always so many, or as some bits say */
  decimals: v.union([v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(9)), v.object(bitsAt)]),
  negative: v.nullable(v.object(bitsAt)),
  overload: v.nullable(v.object({ ...bitsAt, equals: byte })),
  function: v.nullable(v.object({ ...bitsAt, codes: codesTo(functions) })),
  unit: v.nullable(v.object({ ...bitsAt, codes: codesTo(wordSchema) })),
});
export type PacketFraming = v.InferOutput<typeof PacketFramingSchema>;

/** How a meter's line is read. Field names are persisted: do not change without a migration. */
export const ProfileSchema = v.object({
  name: textSchema("word"),
  carrier: v.picklist(CARRIERS),
  serial: SerialSchema,
  bluetooth: v.nullable(BluetoothSchema),
  bridge: v.nullable(BridgeSchema),
  framing: v.variant("kind", [LineFramingSchema, PacketFramingSchema]),
  /** what it measures where its line does not say; null: the line says */
  measures: v.nullable(v.picklist(QUANTITY_IDS)),
  /** words beside the usual ones */
  functions: wordsTo(functions),
  /** spellings of units beside the usual ones, each to a usual one */
  units: wordsTo(wordSchema),
  overload: v.pipe(v.array(wordSchema), v.maxLength(WORDS_MOST)),
  /** sent one after the other, each ended as the lines are; none: it tells by itself */
  requests: v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(80))), v.maxLength(MOST_LINES)),
  /** between two requests [ms] */
  everyMs: v.pipe(v.number(), v.integer(), v.minValue(40), v.maxValue(10_000)),
  /** its data sheet; null: that of the house */
  meter: v.nullable(MeterSchema),
});
export type Profile = v.InferOutput<typeof ProfileSchema>;
export type SerialSettings = Profile["serial"];
export type BluetoothSettings = NonNullable<Profile["bluetooth"]>;
