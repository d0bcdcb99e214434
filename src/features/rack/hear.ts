import { GONE_PHRASES } from "@/core/capacitor";
import { hear as hearText, type Hearing } from "@/core/hearing";
import { FOREIGN_PHRASES } from "@/core/motor";

/** Words that are no complaint and understood all the same. */
const NOTED = [...GONE_PHRASES, ...FOREIGN_PHRASES];

/** How the open line is understood. */
export const hear = (said: string): Hearing => hearText(said, NOTED);
