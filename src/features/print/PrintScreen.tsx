"use client";
import { formatProbability } from "@/core/quantity";
import { STATION_IDS, type WorkingStep } from "@/core/stations";
import { parseTravellerId, type House } from "@/records";
import { useHouse, useTraveller, type TravellerWithEntries } from "@/store/queries";
import { evidenceWords } from "../line-up/evidence";
import { assessCard } from "../rack/card";
import { fullMoment } from "../shell/clock";
import { CannotRead, Reading } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { saidAt, viewOf } from "../stations/registry";
import { CustomerPage } from "./CustomerPage";
import { stampWord } from "../stations/stamp-word";
import { useStudies } from "../stations/useStudies";
import { STAMP_WORDS, SUSPECT_WORDS } from "../vocabulary/words";

/** One card as a page for paper, A4 or Letter. */
export function PrintScreen() {
  const address = useAddress();
  const id = parseTravellerId(address?.get("id") ?? null);
  const answer = useTraveller(id);
  const house = useHouse();
  if (address === null) return <Reading />;
  if (answer.state === "failed") return <CannotRead failure={answer.failure} />;
  if (answer.state === "missing") return <p className="p-6">This card is not on this device.</p>;
  if (answer.state === "loading" || house === null) return <Reading />;
  return address.get("view") === "customer" ? (
    <CustomerPage card={answer.value} house={house} />
  ) : (
    <Page card={answer.value} house={house} />
  );
}

function Page({ card, house }: { card: TravellerWithEntries; house: House }) {
  const { traveller, entries } = card;
  const assessment = assessCard(card, house.figures, useStudies());
  const leading = assessment.standing.suspects.filter(({ probability }, index) => index < 3 && probability >= 0.05);
  const working: readonly WorkingStep[] = STATION_IDS.flatMap((id) => assessment.stations[id].working);
  return (
    <div className="min-h-dvh bg-sheet print:bg-white print:text-black">
      <div className="no-print flex flex-wrap gap-2 border-b-[1.5px] border-ink px-4 py-2">
        <button type="button" className="btn btn-filled" onClick={() => window.print()}>
          Print
        </button>
        <a className="btn" href={`/print?id=${traveller.id}&view=customer`}>
          Page for the customer
        </a>
        <a className="btn" href={`/traveller?id=${traveller.id}`}>
          Back to the card
        </a>
      </div>
      <main className="mx-auto max-w-[180mm] px-4 py-6 text-[13.5px] print:max-w-none print:p-0 print:text-[10.5pt]">
        <header className="border-b-2 border-current pb-2">
          <h1 className="text-[22px] font-bold break-words">{traveller.machine.trim() || "Machine not named"}</h1>
          <p>
            {[traveller.site.trim(), fullMoment(traveller.createdAt), traveller.technician.trim()].filter(Boolean).join(" · ")}
            {traveller.finishedAt ? ` · signed off ${fullMoment(traveller.finishedAt)}` : " · open"}
            {traveller.isDemo ? " · demo data" : ""}
          </p>
        </header>
        {STATION_IDS.map((id) => {
          const own = assessment.stations[id];
          const said = saidAt(id, entries[id]?.data, assessment, house.figures);
          if (own.stamp === "not-done" && (entries[id] === undefined || said.length === 0)) return null;
          const skipped = own.stamp === "skipped" ? entries[id]?.skippedReason : null;
          return (
            <section key={id} className="break-inside-avoid border-b border-rule py-2">
              <h2 className="flex items-baseline justify-between gap-4 font-bold">
                {viewOf(id).title}
                <span className="text-[0.92em] font-semibold">
                  {STAMP_WORDS[own.stamp]}
                  {stampWord(id, assessment) === STAMP_WORDS[own.stamp] ? "" : ` · ${stampWord(id, assessment)}`}
                </span>
              </h2>
              {skipped ? <p>Skipped: {skipped}</p> : null}
              {said.map((sentence, index) => (
                <p key={index} className="break-words whitespace-pre-line">
                  {sentence}
                </p>
              ))}
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
        {working.length > 0 ? (
          <section className="py-2">
            <h2 className="font-bold">Working</h2>
            {working.map((step, index) => (
              <p key={index} className="num break-inside-avoid text-[0.86em] break-words">
                {step.what}: {step.numbers ? `${step.numbers} = ` : ""}
                {step.result} ({step.source})
              </p>
            ))}
          </section>
        ) : null}
        <p className="caption mt-3">
          Meter: {house.meter.name}. Local codes, the maker&apos;s instructions and licensed practice come first.
        </p>
      </main>
    </div>
  );
}
