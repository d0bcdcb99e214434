import { heldEntry, loseTaking, NOTHING_TAKEN, shownEntry, shownText, takeNext, type HeldFigure } from "@/core/hold";
import type { MeterFunction } from "@/core/meter-line";
import type { Entry, Meter } from "@/core/quantity";
import type { Failure } from "@/core/result";
import type { Stamp } from "@/core/station";
import type { MeterLink, MeterSample } from "@/devices/meter";
import { targetOf } from "../form/figure-targets";
import { loudnessOf, type LinkNews, type Loudness } from "./link-news";
import { askedFor, goOnFrom, type AskedField } from "./meter-hand";

/** Where the figures go: the station in hand. */
export interface LinkPlace {
  readonly station: string;
  /** work is done there with the circuit dead, and it is said to be */
  readonly isDead: boolean;
  readonly safeVolts: number;
  /** data sheet where the link brings none */
  readonly meter: Meter;
  readonly stamp: Stamp | null;
  readonly stampWord: string;
  /** a card is in hand, whose motor can be simulated */
  readonly hasMotor: boolean;
  /** what comes after this station; null: nothing is known */
  readonly next: { readonly title: string; go(): void } | null;
}

/** What a person sees of the link. */
export interface LinkView {
  readonly phase: "closed" | "opening" | "open" | "lost" | "failed";
  readonly name: string;
  readonly isSimulated: boolean;
  readonly failure: Failure | null;
  readonly shown: MeterSample | null;
  /** what the next figure is of; null: none is asked for */
  readonly asked: string | null;
  readonly news: LinkNews | null;
  readonly canTakeBack: boolean;
}

const CLOSED: LinkView = {
  phase: "closed",
  name: "",
  isSimulated: false,
  failure: null,
  shown: null,
  asked: null,
  news: null,
  canTakeBack: false,
};

interface LinkTools {
  readonly now: () => Date;
  readonly give: (loudness: Loudness, news: LinkNews) => void;
}

/** What was taken, and the way back. */
interface TakenFigure {
  readonly asked: AskedField;
  readonly before: Entry | null;
}

/** Nothing came for so long: the meter sleeps, or its link is off [ms]. */
const SILENT_MS = 3000;
/** Lines that are not read, one after another, before it is told: a line that was cut off is one. */
const UNREAD_TOLD = 4;
/** What a figure comes to is known so long after it was taken [ms]. */
const JUDGED_MS = 500;
const MOST_TAKEN = 50;
const LOOKED_AT: readonly Stamp[] = ["out", "too-close"];

/** The link of this tab: what comes over a meter's line, and where it goes. */
export function createLink({ now, give }: LinkTools) {
  let view = CLOSED;
  let place: LinkPlace | null = null;
  let link: MeterLink | null = null;
  let close: (() => void) | null = null;
  let taking = NOTHING_TAKEN;
  let taken: readonly TakenFigure[] = [];
  let unread = 0;
  let quiet: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();
  const show = (part: Partial<LinkView>): void => {
    view = { ...view, ...part };
    listeners.forEach((tell) => tell());
  };
  const say = (news: LinkNews): void => {
    show({ news });
    give(loudnessOf(news), news);
  };
  const from = (line: string) => ({
    meter: link?.meter ?? (place as LinkPlace).meter,
    at: now().toISOString(),
    origin: link?.origin ?? ("meter" as const),
    line,
  });

  function put(asked: AskedField, entry: Entry, set: MeterFunction): void {
    const before = asked.target.entry;
    const at = place;
    // A field that is left shows what is kept, and not what was being typed.
    if (asked.field.closest("[data-one-figure]") === null) asked.field.blur();
    asked.target.put(entry);
    taken = [...taken, { asked, before }].slice(-MOST_TAKEN);
    show({ canTakeBack: true });
    say({ code: "taken", text: shownText(entry), label: asked.target.label });
    goOnFrom(asked, set);
    setTimeout(() => {
      const isDoubtful = targetOf(asked.field)?.isDoubtful === true && asked.field.isConnected;
      if (isDoubtful) say({ code: "doubtful", label: asked.target.label });
      // Of the station where it was taken, and of no other.
      else if (place?.stamp && place.station === at?.station && place.stamp !== at.stamp && LOOKED_AT.includes(place.stamp))
        say({ code: "stamped", word: place.stampWord });
    }, JUDGED_MS);
  }

  function placeFigure(figure: HeldFigure, sample: MeterSample, asked: AskedField | null): void {
    if (asked) return put(asked, heldEntry(figure, sample.display, asked.target.quantity, from(sample.line)), sample.function);
    const next = place?.next ?? null;
    // Tips that are touched together and lifted, where nothing is asked for, go on.
    if (figure.value === null && next && askedFor(null) === null) {
      next.go();
      say({ code: "gone-on", title: next.title });
    } else say({ code: "not-asked", next: next?.title ?? null });
  }

  function onSample(sample: MeterSample): void {
    unread = 0;
    waitForMore();
    if (!place) return show({ shown: sample });
    const asked = askedFor(sample.function);
    const wanted = (asked ?? askedFor(null))?.target.quantity ?? null;
    const after = takeNext(taking, sample, {
      wanted,
      asked: asked?.target.label ?? null,
      isDead: place.isDead && wanted !== "voltage",
      safeVolts: place.safeVolts,
    });
    taking = after.taking;
    show({ shown: sample, asked: (asked ?? askedFor(null))?.target.label ?? null });
    if (after.news) say({ code: "look-out", what: after.news, display: sample.display, wanted });
    if (after.figure && after.isAskedAnew) say({ code: "asked-anew", label: asked?.target.label ?? "" });
    else if (after.figure) placeFigure(after.figure, sample, asked);
  }

  function look(): void {
    if (view.phase !== "open") return;
    const asked = (askedFor(view.shown?.function ?? null) ?? askedFor(null))?.target.label ?? null;
    if (asked !== view.asked) show({ asked });
  }

  function waitForMore(): void {
    clearTimeout(quiet);
    quiet = setTimeout(() => {
      taking = loseTaking(taking);
      show({ shown: null });
      say({ code: "silent" });
    }, SILENT_MS);
  }

  function end(): void {
    clearTimeout(quiet);
    close = null;
    taking = loseTaking(taking);
  }

  return {
    view: () => view,
    subscribe: (tell: () => void) => {
      listeners.add(tell);
      return () => void listeners.delete(tell);
    },
    /** Tells which station is in hand; null: none. */
    setPlace(next: LinkPlace | null): void {
      if (place?.station !== next?.station) taking = loseTaking(taking);
      place = next;
      look();
    },
    /** Looks where the next figure goes: a person went into another field, or something was put there. */
    look,
    async open(next: MeterLink): Promise<void> {
      close?.();
      end();
      link = next;
      show({ ...CLOSED, phase: "opening", name: next.name, isSimulated: next.origin === "simulation", canTakeBack: taken.length > 0 });
      const opened = await next.open({
        onSample,
        onUnread: (line, fault) => {
          unread += 1;
          waitForMore();
          if (fault === "too-long" || unread === UNREAD_TOLD) say({ code: "unread", line, fault });
        },
        onLost: () => {
          end();
          show({ phase: "lost", shown: null });
          say({ code: "lost" });
        },
      });
      if (!opened.ok) return show({ phase: "failed", failure: opened.failure });
      close = opened.value;
      // It may have gone down already.
      if (view.phase === "opening") show({ phase: "open" });
      look();
      waitForMore();
    },
    close(): void {
      close?.();
      end();
      show(CLOSED);
    },
    /** Takes what the meter shows, settled or not. */
    takeNow(): void {
      const sample = view.shown;
      if (!sample || !place) return;
      const asked = askedFor(sample.function);
      if (!asked) {
        const wanted = askedFor(null)?.target.quantity ?? null;
        if (wanted === null) say({ code: "not-asked", next: place.next?.title ?? null });
        else say({ code: "look-out", what: "wrong-function", display: sample.display, wanted });
        return;
      }
      const entry = shownEntry(sample.display, asked.target.quantity, from(sample.line));
      if (entry.reading === null) say({ code: "refused", display: sample.display });
      else put(asked, entry, sample.function);
    },
    /** Puts back what stood in the field that was filled last. */
    takeBack(): void {
      const last = taken.at(-1);
      if (!last) return;
      taken = taken.slice(0, -1);
      last.asked.target.put(last.before);
      show({ canTakeBack: taken.length > 0 });
      say({ code: "taken-back", label: last.asked.target.label });
      if (last.asked.field.isConnected) last.asked.field.focus();
    },
  };
}
export type Link = ReturnType<typeof createLink>;
