import * as v from "valibot";
import { EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { MOVE_KINDS } from "@/core/stock";
import { defineRecordType } from "./record-type";

const IdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,100}$/, "letters, digits and dashes"));
const MOST_MOVED = 10_000;

/** What became of pieces of a line of the shelf. */
const MoveSchema = v.object({
  id: IdSchema,
  partId: IdSchema,
  kind: v.picklist(MOVE_KINDS),
  by: v.pipe(v.number(), v.integer(), v.minValue(-MOST_MOVED), v.maxValue(MOST_MOVED)),
  follows: v.nullable(IdSchema),
  /** of a counting: how many were there */
  counted: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MOST_MOVED))),
  at: MomentSchema,
  /** card of the machine the piece was for; null: none */
  cardId: v.nullable(IdSchema),
  who: textSchema("person"),
  isDemo: v.boolean(),
  updatedAt: MomentSchema,
});
export type PartMove = v.InferOutput<typeof MoveSchema>;

export const moveType = defineRecordType("move", {
  schema: MoveSchema,
  blank: (id) => ({
    id,
    partId: "none",
    kind: "counted",
    by: 0,
    follows: null,
    counted: null,
    at: EPOCH,
    cardId: null,
    who: "",
    isDemo: false,
    updatedAt: EPOCH,
  }),
  migrations: [],
});
