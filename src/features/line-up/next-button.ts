/** A button on the next move, in its colours. */
export const NEXT_BUTTON = "btn border-press-ink bg-press-ink text-press hover:bg-press-wash hover:text-ink";
