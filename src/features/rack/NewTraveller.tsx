"use client";
import type { Complaint } from "@/core/trade";
import { lazy, Suspense, useRef, useState } from "react";
import { openPage } from "@/components/open-page";
import { tooLongWords } from "@/components/useDraft";
import { beginTraveller, createTraveller, finishTraveller } from "@/store/create-traveller";
import { complaintsOf, NO_CHANGES, NOTHING_HEARD, toldOf, type HeardChanges } from "./heard-changes";
import { useHearing } from "./useHearing";
import { usePlace } from "./usePlace";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

const HeardAs = lazy(() => import("./HeardAs"));

/** Complaints heard most, one press away; the rest stand on the complaint station. */
const OFFERED: readonly Complaint[] = [
  "does-not-run",
  "hums-no-start",
  "starts-with-push",
  "starts-slow",
  "trips-at-once",
  "trips-running",
  "runs-hot",
  "squeals",
  "slow-or-weak",
  "dead",
  "cuts-out-and-returns",
];

/** The one open line: what the motor does starts a card in one step, and shows at once how it was understood. */
export function NewTraveller({ technician }: { technician: string }) {
  const [said, setSaid] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [changes, setChanges] = useState(NO_CHANGES);
  const starter = useRef<HTMLButtonElement>(null);
  const [heard, loadHear] = useHearing(said);
  const place = usePlace(said);
  const hearing = heard ?? NOTHING_HEARD;
  const isTyped = said.trim() !== "";
  const tooLong = tooLongWords(said, "note");
  const complaints = complaintsOf(hearing, changes);
  // What is asked just above is not offered a second time.
  const asked = isTyped ? hearing.asks.flatMap(({ options }) => options) : [];
  const openCard = (id: string | null) => {
    if (id) openPage(`/traveller?id=${id}&station=complaint`);
  };
  const startAsHeard = async () => {
    // Noted in the turn of the key: nothing that is fetched or heard comes before it.
    const begun = beginTraveller(said.trim(), technician);
    // Sent before the table of what people say was there: it is heard first, and where it cannot be fetched the words stand alone.
    const understood = heard ?? (await loadHear().catch(() => null))?.(said) ?? NOTHING_HEARD;
    openCard(await finishTraveller(begun, complaintsOf(understood, changes), toldOf(understood, place, changes)));
  };
  const change = (next: HeardChanges) => {
    // The button that was pressed goes away: Enter must still start the card, and no keyboard come up.
    if (next.added.length > changes.added.length) starter.current?.focus();
    setChanges(next);
  };
  const pick = (complaint: Complaint) => {
    // Beside typed words it is one more chip; alone it is the whole complaint.
    if (!isTyped) void createTraveller("", [complaint], technician).then(openCard);
    else
      change({
        ...changes,
        struck: changes.struck.filter((each) => each !== complaint),
        added: [...new Set([...changes.added, complaint])],
      });
  };
  return (
    <section aria-label="New traveller">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!isTyped) {
            setProblem("Type what the motor does, for example: hums, starts with a push. Or pick below.");
            return;
          }
          void startAsHeard();
        }}
      >
        <div className="flex flex-wrap items-baseline gap-x-4 border-b-[2.5px] border-ink pb-1">
          <label htmlFor="ask" className="text-[27px] font-bold tracking-[-0.012em] [font-stretch:104%]">
            What does the motor do?
          </label>
          <input
            data-open-line=""
            id="ask"
            autoFocus
            autoComplete="off"
            className="min-h-[44px] min-w-0 flex-1 basis-52 bg-transparent text-[19px] outline-none"
            placeholder="type, or pick below"
            value={said}
            onChange={(event) => {
              setSaid(event.target.value);
              setProblem(null);
              if (event.target.value.trim() === "") setChanges(NO_CHANGES);
            }}
            aria-describedby="ask-say"
            aria-invalid={problem ? true : undefined}
          />
          {isTyped ? (
            <button ref={starter} type="submit" className="btn btn-filled">
              Start a card
            </button>
          ) : null}
        </div>
        <p
          id="ask-say"
          className={`mt-1 min-h-[19px] text-[13.5px] ${(tooLong ?? problem) ? "font-medium text-out" : "text-ink-soft"}`}
          aria-live="polite"
        >
          {tooLong ??
            problem ??
            (isTyped ? (
              "Enter starts the card."
            ) : (
              <span className="max-lg:hidden">Esc leaves the line: then the keys shown on this page work.</span>
            ))}
        </p>
      </form>
      {isTyped && heard ? (
        <Suspense>
          <HeardAs said={said} hearing={hearing} place={place} changes={changes} onChanges={change} />
        </Suspense>
      ) : null}
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={isTyped ? "Add to what was heard" : "Start with"}>
        {OFFERED.filter((id) => !complaints.includes(id) && !asked.includes(id)).map((id) => (
          <button
            key={id}
            type="button"
            className="min-h-[44px] border-[1.5px] border-ink bg-sheet px-3 text-[14px] hover:bg-press-wash"
            onClick={() => pick(id)}
          >
            {COMPLAINT_WORDS[id]}
          </button>
        ))}
      </div>
    </section>
  );
}
