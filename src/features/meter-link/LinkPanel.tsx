"use client";
import { useEffect, useState, useSyncExternalStore } from "react";
import { X } from "lucide-react";
import { toMeterSentence } from "../messages/meter-sentences";
import type { LinkPlace, LinkView } from "./link";
import { loudnessOf } from "./link-news";
import { newsWords } from "./link-words";
import { followHand } from "./meter-hand";
import { rememberedMeter, rememberMeter } from "./remembered";
import { theLink } from "./the-link";
import { useReopened, WaysSheet } from "./WaysSheet";

interface LinkPanelProps {
  readonly place: LinkPlace;
  readonly onDone: () => void;
}

const isInSheet = (): boolean => document.querySelector("[role=dialog]") !== null;

/** Keys while hands are on the probes: Enter takes what is shown where nothing stands yet, Escape takes back. */
function onKey(event: KeyboardEvent): void {
  if (isInSheet()) return;
  const { link } = theLink();
  const field = document.activeElement;
  if (
    event.key === "Enter" &&
    field instanceof HTMLInputElement &&
    field.dataset.figure !== undefined &&
    field.value === "" &&
    link.view().shown
  ) {
    event.preventDefault();
    event.stopPropagation();
    link.takeNow();
  } else if (event.key === "Escape" && link.view().canTakeBack) {
    event.preventDefault();
    link.takeBack();
  }
}

/** The line of a meter: what it shows, where that goes, and what was taken. */
export default function LinkPanel({ place, onDone }: LinkPanelProps) {
  const { link, signals } = theLink();
  const view = useSyncExternalStore(link.subscribe, link.view, link.view);
  // One that was open before the page was loaded anew opens again by itself.
  const [isChoosing, setChoosing] = useState(() => view.phase === "closed" && rememberedMeter() === null);
  useReopened(view.phase === "closed", place.hasMotor);
  useEffect(() => link.setPlace(place), [link, place]);
  useEffect(() => {
    const unfollow = followHand(link.look);
    document.addEventListener("keydown", onKey, true);
    return () => {
      unfollow();
      document.removeEventListener("keydown", onKey, true);
      link.setPlace(null);
    };
  }, [link]);
  const isOpen = view.phase === "open";
  useEffect(() => {
    // The pad keeps away from what comes by itself.
    if (isOpen) document.documentElement.dataset.meter = "open";
    return () => {
      delete document.documentElement.dataset.meter;
    };
  }, [isOpen]);
  const hangUp = (): void => {
    link.close();
    rememberMeter(null);
    onDone();
  };
  return (
    <section
      aria-label="Meter link"
      className="no-print sticky top-0 z-10 flex flex-col gap-1 border-2 border-ink bg-sheet px-3 py-2 max-lg:top-[53px]"
    >
      <div className="flex flex-wrap items-center justify-between gap-x-3">
        <h2 className="caption font-semibold">
          {view.name === "" ? "Meter link" : view.name}
          {view.isSimulated ? <span className="ml-2 border border-dashed border-ink px-1.5 font-bold text-ink">simulated</span> : null}
        </h2>
        <span className="flex items-center gap-1">
          <Ways says={signals.says} onSays={signals.setSays} />
          <button type="button" className="btn btn-plain" onClick={() => setChoosing(true)}>
            {view.phase === "open" ? "Another meter" : "Choose a meter"}
          </button>
          <button type="button" className="btn btn-plain" aria-label="Close the meter link" onClick={hangUp}>
            <X aria-hidden="true" size={18} />
          </button>
        </span>
      </div>
      {view.phase === "open" ? <Shown view={view} /> : <p className="text-[15px]">{phaseWords(view)}</p>}
      <News view={view} />
      {view.phase === "open" ? (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn" disabled={view.shown === null} onClick={link.takeNow}>
            Take what it shows
          </button>
          <button type="button" className="btn" disabled={!view.canTakeBack} onClick={link.takeBack}>
            Take back
          </button>
          <span className="caption self-center max-sm:hidden">
            <kbd>Enter</kbd> takes, <kbd>Esc</kbd> takes back
          </span>
        </div>
      ) : null}
      {isChoosing ? (
        <WaysSheet
          hasMotor={place.hasMotor}
          onClose={() => {
            setChoosing(false);
            if (link.view().phase === "closed") hangUp();
          }}
        />
      ) : null}
    </section>
  );
}

function phaseWords({ phase, failure }: LinkView): string {
  switch (phase) {
    case "opening":
      return "Opening the line …";
    case "failed":
      return failure ? toMeterSentence(failure) : "";
    case "lost":
      return "No line.";
    case "open":
    case "closed":
      return "No meter is chosen.";
  }
}

/** What the meter shows, large enough for an arm's length, and where it goes. */
function Shown({ view: { shown, asked } }: { view: LinkView }) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-5">
      <p className="num min-w-[7ch] text-[34px] font-medium tracking-[-0.02em]" aria-label="The meter shows">
        {shown?.display ?? "–"}
      </p>
      <p className="text-[16px]">
        {asked === null ? (
          "Nothing is asked for here."
        ) : (
          <>
            goes to <b>{asked}</b>
          </>
        )}
      </p>
    </div>
  );
}

const TONES = {
  plain: "",
  taken: "font-semibold",
  look: "border-l-4 border-close bg-close-wash pl-2 font-semibold",
  alarm: "bg-out px-2 py-1 text-[18px] font-bold text-out-ink",
} as const;

function News({ view: { news } }: { view: LinkView }) {
  const loudness = news ? loudnessOf(news) : "plain";
  return (
    <p role={loudness === "alarm" ? "alert" : "status"} className={`min-h-[22px] text-[15px] ${TONES[loudness]}`}>
      {news ? newsWords(news) : ""}
    </p>
  );
}

interface WaysProps {
  readonly says: { readonly sound: boolean; readonly voice: boolean };
  readonly onSays: (says: WaysProps["says"]) => void;
}

/** How it makes itself known. */
function Ways({ says: first, onSays }: WaysProps) {
  const [says, setSays] = useState(first);
  const toggle = (what: "sound" | "voice"): void => {
    const next = { ...says, [what]: !says[what] };
    setSays(next);
    onSays(next);
  };
  return (
    <>
      {(["sound", "voice"] as const).map((what) => (
        <button key={what} type="button" className="btn btn-plain" aria-pressed={says[what]} onClick={() => toggle(what)}>
          {what === "sound" ? "Sound" : "Voice"} {says[what] ? "on" : "off"}
        </button>
      ))}
    </>
  );
}
