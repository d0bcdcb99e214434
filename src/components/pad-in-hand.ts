/** The figure field the pad types into. */
export interface PadField {
  readonly label: string;
  /** signs it takes beside digits; null: those of its instrument */
  readonly signs: readonly string[] | null;
  /** no other figure comes after it */
  readonly isLast: boolean;
}

/**
 * A press beside the pad takes the focus before it is a click: what lies under the finger must not move in between, or the click
 * lands on something else.
 */
const CLOSE_MS = 350;

/** A figure that comes over a meter's line needs no pad: then it comes for a finger alone. */
const FINGER_MS = 600;
const isMetered = (): boolean => document.documentElement.dataset.meter === "open";

/** The part of a phone's screen above the pad. */
const ABOVE_PAD = 0.6;
const GAP = 8;

/** A figure near the top of its instrument is shown with what stands over it: label, figure and verdict above the pad. */
function showWhole(instrument: HTMLElement, field: HTMLElement): void {
  if (typeof matchMedia === "undefined" || !matchMedia("(width < 64rem)").matches) return;
  const from = instrument.getBoundingClientRect().top;
  const reach = field.getBoundingClientRect().bottom - from;
  if (reach > innerHeight * ABOVE_PAD * 0.5) return;
  const bars = [...document.querySelectorAll<HTMLElement>(".sticky")].map((bar) => bar.offsetHeight);
  scrollBy({ top: from - Math.max(0, ...bars) - GAP, behavior: "instant" });
}

/**
 * Opens the pad of an instrument with its figure fields and puts it away after them: `data-pad` on the instrument says which.
 * @param figures selector of the figure fields
 * @param onField told which field is in hand; null: none
 * @returns what ends it
 */
export function followPad(pad: HTMLElement, figures: string, onField: (field: PadField | null) => void): () => void {
  const instrument = pad.closest<HTMLElement>("[data-instrument]");
  if (!instrument) return () => undefined;
  let closing: ReturnType<typeof setTimeout> | undefined;
  let pressedAt = -Infinity;
  const onPress = ({ timeStamp }: PointerEvent): void => {
    pressedAt = timeStamp;
  };
  const take = (target: EventTarget | null): void => {
    if (!(target instanceof HTMLInputElement) || !target.matches(figures)) return;
    if (isMetered() && instrument.dataset.pad !== "open" && performance.now() - pressedAt > FINGER_MS) return;
    clearTimeout(closing);
    const all = [...instrument.querySelectorAll(figures)];
    if (instrument.dataset.pad !== "open") {
      instrument.dataset.pad = "open";
      showWhole(instrument, target);
    }
    onField({
      label: [target.labels?.[0]?.textContent ?? "", target.dataset.unit ?? ""].filter(Boolean).join(", "),
      signs: target.dataset.signs?.split(" ") ?? null,
      isLast: all.indexOf(target) === all.length - 1,
    });
  };
  const onFocusIn = ({ target }: FocusEvent): void => take(target);
  const onFocusOut = (): void => {
    clearTimeout(closing);
    closing = setTimeout(() => {
      delete instrument.dataset.pad;
      onField(null);
    }, CLOSE_MS);
  };
  instrument.addEventListener("pointerdown", onPress);
  instrument.addEventListener("focusin", onFocusIn);
  instrument.addEventListener("focusout", onFocusOut);
  // One may have had the focus before the pad was there.
  if (instrument.contains(document.activeElement)) take(document.activeElement);
  return () => {
    clearTimeout(closing);
    instrument.removeEventListener("pointerdown", onPress);
    instrument.removeEventListener("focusin", onFocusIn);
    instrument.removeEventListener("focusout", onFocusOut);
  };
}

const SHELF = "vemmick-pad";

/** Whether this device shows the pad on a desk too. */
export function isPadOnDesk(): boolean {
  try {
    return localStorage.getItem(SHELF) === "shown";
  } catch {
    return false;
  }
}

/** Shows the pad on a desk, or not, and remembers it on this device. */
export function showPadOnDesk(isShown: boolean): void {
  if (isShown) document.documentElement.dataset.deskPad = "shown";
  else delete document.documentElement.dataset.deskPad;
  try {
    if (isShown) localStorage.setItem(SHELF, "shown");
    else localStorage.removeItem(SHELF);
  } catch {
    // It holds until the page is left.
  }
}
