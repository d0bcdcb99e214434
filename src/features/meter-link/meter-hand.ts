import type { MeterFunction } from "@/core/meter-line";
import { targetOf, type FigureTarget } from "../form/figure-targets";

/** A field that takes a figure, and what it takes. */
export interface AskedField {
  readonly field: HTMLInputElement;
  readonly target: FigureTarget;
}

const FIELDS = "[data-instrument] input[data-figure]:not(:disabled)";

/** Every field on the screen that takes a meter's figure, in the order of its station. */
function fieldsHere(): AskedField[] {
  return [...document.querySelectorAll<HTMLInputElement>(FIELDS)].flatMap((field) => {
    const target = targetOf(field);
    return target && field.getClientRects().length > 0 ? [{ field, target }] : [];
  });
}

/** Which field a person went into though a figure stood there: to read it anew. */
let readAnew: Element | null = null;

/**
 * Follows where a person goes, as long as a meter is on the line.
 * @param onField told that it is another field
 * @returns what ends it
 */
export function followHand(onField: () => void): () => void {
  const onFocus = ({ target }: FocusEvent): void => {
    readAnew = target instanceof HTMLInputElement && target.value !== "" ? target : null;
    onField();
  };
  document.addEventListener("focusin", onFocus);
  return () => document.removeEventListener("focusin", onFocus);
}

/**
 * Where the next figure goes: the field a person is in, while nothing stands there or it is read anew; else the first empty one
 * that is asked for.
 * @param set what the meter is set to; null: whatever is asked for
 */
export function askedFor(set: MeterFunction | null): AskedField | null {
  const takes = fieldsHere().filter(({ target }) => set === null || target.quantity === set);
  const inHand = takes.find(({ field }) => field === document.activeElement);
  if (inHand && (inHand.field.value === "" || inHand.field === readAnew)) return inHand;
  return takes.find(({ field, target }) => field.value === "" && !target.isAside) ?? null;
}

/** Goes on to what comes next at this station; one field that stands for many readings asks its instrument. */
export function goOnFrom({ field }: AskedField, set: MeterFunction | null): void {
  readAnew = null;
  const single = field.closest<HTMLFormElement>("form[data-one-figure]");
  if (single) {
    field.focus({ preventScroll: true });
    single.requestSubmit();
    return;
  }
  // What was put there is drawn by the next frame.
  requestAnimationFrame(() => {
    const next = fieldsHere().find(
      ({ field: each, target }) => each !== field && each.value === "" && !target.isAside && (set === null || target.quantity === set),
    );
    // The panel says where it goes: nothing moves under a finger.
    if (next) next.field.focus({ preventScroll: true });
    else if (document.activeElement === field) field.blur();
  });
}
