import * as v from "valibot";
import { EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

const millimetres = v.nullable(v.pipe(v.number(), v.minValue(1), v.maxValue(1000)));

/** One line of the shelf: a capacitor at hand, by its label. */
export const PartSchema = v.object({
  id: v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")),
  label: textSchema("printed"),
  maker: textSchema("word"),
  /** truck, shelf at home, supplier */
  place: textSchema("word"),
  quantity: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(10000)),
  price: v.pipe(v.number(), v.minValue(0), v.maxValue(100000)),
  diameterMm: millimetres,
  heightMm: millimetres,
  terminals: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(12))),
  isDemo: v.boolean(),
  updatedAt: MomentSchema,
});
export type Part = v.InferOutput<typeof PartSchema>;

export const partType = defineRecordType("part", {
  schema: PartSchema,
  blank: (id) => ({
    id,
    label: "",
    maker: "",
    place: "",
    quantity: 0,
    price: 0,
    diameterMm: null,
    heightMm: null,
    terminals: null,
    isDemo: false,
    updatedAt: EPOCH,
  }),
  migrations: [{ to: 2, migrate: toOneForm }],
});
