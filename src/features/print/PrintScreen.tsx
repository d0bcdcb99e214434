"use client";
import { lazy, Suspense } from "react";
import { STATION_LABELS } from "../stations/labels";
import type { TravellerAssessment } from "@/core/traveller";
import { type WorkingStep, formatProbability, withMinus } from "@/core/quantity";
import { STATION_IDS, stationOf, type StationData, type StationId } from "@/core/stations";
import type { SetAside } from "@/core/job";
import type { Stamp } from "@/core/station";
import { parseTravellerId, type House } from "@/records";
import { useHouse } from "@/store/house-rules";
import { useCard, type KeptCard } from "@/store/queries";
import { evidenceWords } from "../line-up/evidence";
import { clockTime, fullMoment } from "../vocabulary/clock";
import { NoCard } from "../shell/NothingHere";
import { CannotRead, Reading } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { PAPERS } from "../stations/papers";
import { earlierReadings } from "../stations/earlier-readings";
import { saidAt } from "../stations/registry";
import { labelsOfCard } from "../labels/label-words";
import { CardPhotos } from "./CardPhotos";
import { PrintFrame } from "./PrintFrame";
import { stampWord } from "../stations/stamp-word";
import { useAssessedCard } from "../stations/useAssessedCard";
import { STAMP_WORDS } from "../vocabulary/stamp-words";
import { SUSPECT_WORDS } from "../vocabulary/words";

const Booklet = lazy(async () => ({ default: (await import("./Booklet")).Booklet }));

const CustomerPage = lazy(async () => ({ default: (await import("./CustomerPage")).CustomerPage }));
const MonthPage = lazy(() => import("./MonthPage"));
const PartLabel = lazy(() => import("../labels/PartLabel"));
const LabelPaper = lazy(async () => ({ default: (await import("../labels/LabelPaper")).LabelPaper }));

/** One card as a page for paper, A4 or Letter. */
export function PrintScreen() {
  const address = useAddress();
  const id = parseTravellerId(address?.get("id") ?? null);
  const answer = useCard(id);
  const house = useHouse();
  if (address === null) return <Reading />;
  if (address.get("view") === "booklet")
    return house === null ? (
      <Reading />
    ) : (
      <Suspense fallback={<Reading />}>
        <Booklet house={house} />
      </Suspense>
    );
  if (address.get("view") === "month")
    return (
      <Suspense fallback={<Reading />}>
        <MonthPage month={address.get("month")} />
      </Suspense>
    );
  const partId = address.get("part");
  if (address.get("view") === "label" && partId !== null)
    return (
      <Suspense fallback={<Reading />}>
        <PartLabel id={partId} />
      </Suspense>
    );
  if (answer.state === "failed") return <CannotRead failure={answer.failure} />;
  if (id === null || answer.state === "missing") return <NoCard at="/print" />;
  if (answer.state === "loading" || house === null) return <Reading />;
  if (address.get("view") === "label")
    return (
      <Suspense fallback={<Reading />}>
        <LabelPaper labels={labelsOfCard(answer.value)} back={{ href: `/traveller?id=${id}`, label: "Card" }} />
      </Suspense>
    );
  return <Printed card={answer.value} house={house} isForCustomer={address.get("view") === "customer"} />;
}

/** Nothing goes on paper before everything is worked out. */
function Printed({ card, house, isForCustomer }: { card: KeptCard; house: House; isForCustomer: boolean }) {
  const assessment = useAssessedCard(card, house.figures);
  if (assessment === null) return <WorkingOut />;
  return isForCustomer ? (
    <Suspense fallback={<WorkingOut />}>
      <CustomerPage card={card} assessment={assessment} house={house} />
    </Suspense>
  ) : (
    <Page card={card} assessment={assessment} house={house} />
  );
}

function WorkingOut() {
  return (
    <p className="caption p-6" role="status">
      Working out what the card says …
    </p>
  );
}

/** What was read before, by why it was read anew. */
const EARLIER_TITLES: Readonly<Record<SetAside, string>> = {
  work: "As found, before the work; read anew at",
  repeat: "Read before, and once more at",
  replaced: "Before a figure was replaced at",
};

/** The word of the stamp, and the station's own beside it where that says more: "Holds · Proven dead", but "2 noted" alone. */
const stampOnPaper = (stamp: Stamp, own: string): string => {
  const word = STAMP_WORDS[stamp];
  return own === word || stamp === "noted" ? own : `${word} · ${own}`;
};

function Page({ card, assessment, house }: { card: KeptCard; assessment: TravellerAssessment; house: House }) {
  const { traveller, entries } = card;
  const leading = assessment.standing.suspects.filter(({ probability }, index) => index < 3 && probability >= 0.05);
  const working: readonly WorkingStep[] = STATION_IDS.flatMap((id) => assessment.stations[id].working);
  return (
    <PrintFrame
      traveller={traveller}
      entries={entries}
      other={{ href: `/print?id=${traveller.id}&view=customer`, label: "Page for the customer" }}
      unnamed="Machine not named"
      more={`${traveller.finishedAt ? ` · signed off ${fullMoment(traveller.finishedAt)}` : " · open"}${traveller.isDemo ? " · demo data" : ""}`}
    >
      {STATION_IDS.map((id) => {
        const own = assessment.stations[id];
        const said = saidAt(id, entries[id]?.data, assessment, house.figures);
        if (own.stamp === "not-done" && assessment.rounds[id].length === 0 && (entries[id] === undefined || said.length === 0)) return null;
        const Own = PAPERS[id];
        const skipped = own.stamp === "skipped" ? entries[id]?.skippedReason : null;
        return (
          <section key={id} className="break-inside-avoid border-b border-rule py-2">
            <h2 className="flex items-baseline justify-between gap-4 font-bold">
              {STATION_LABELS[id].title}
              <span className="text-[0.92em] font-semibold">{stampOnPaper(own.stamp, stampWord(id, assessment))}</span>
            </h2>
            {skipped ? <p>Skipped: {skipped}</p> : null}
            {earlierReadings(id, assessment, house.figures).map(({ why, at, stamp, stampWord: word, said: lines }) => (
              <div key={at} className="border-l-2 border-rule pl-2">
                <p className="font-semibold">
                  {EARLIER_TITLES[why]} {clockTime(at)}: {stampOnPaper(stamp, word)}
                </p>
                {lines.map((line) => (
                  <p key={line} className="break-words whitespace-pre-line">
                    {line}
                  </p>
                ))}
              </div>
            ))}
            {said.map((sentence, index) => (
              <p key={index} className="break-words whitespace-pre-line">
                {sentence}
              </p>
            ))}
            {Own ? (
              <Suspense fallback={<p role="status">Drawing …</p>}>
                <Own
                  record={(entries[id]?.data ?? stationOf(id).blank) as StationData<StationId>}
                  assessment={own}
                  facts={assessment.facts}
                  house={house.figures}
                />
              </Suspense>
            ) : null}
          </section>
        );
      })}
      <section className="break-inside-avoid border-b border-rule py-2">
        <h2 className="font-bold">Line-up</h2>
        {leading.map((standing) => {
          const { forIt, against } = evidenceWords(standing);
          return (
            <p key={standing.suspect}>
              {SUSPECT_WORDS[standing.suspect]} <span className="num">{formatProbability(standing.probability)}</span>
              {forIt.length > 0 ? `; for: ${forIt.join(", ")}` : ""}
              {against.length > 0 ? `; against: ${against.join(", ")}` : ""}
            </p>
          );
        })}
      </section>
      <CardPhotos card={card} />
      {working.length > 0 ? (
        <section className="py-2">
          <h2 className="font-bold">Working</h2>
          {working.map((step, index) => (
            <p key={index} className="num break-inside-avoid text-[0.86em] break-words">
              {step.what}: {step.numbers ? `${withMinus(step.numbers)} = ` : ""}
              {withMinus(step.result)} ({step.source})
            </p>
          ))}
        </section>
      ) : null}
      <p className="caption mt-3">
        Meter: {house.meter.name}. Local codes, the maker&apos;s instructions and licensed practice come first.
      </p>
    </PrintFrame>
  );
}
