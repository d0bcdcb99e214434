import * as v from "valibot";
import { TEXT_LENGTHS, type TextKind } from "./lengths";

/**
 * Schema of a text of one kind.
 * @param kind which kind of text
 * @returns a schema that takes so many code units
 */
export const textSchema = (kind: TextKind) => v.pipe(v.string(), v.maxLength(TEXT_LENGTHS[kind]));
