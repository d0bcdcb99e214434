import { memo, useState } from "react";
import { Stamp } from "@/components/Stamp";
import { STATION_IDS, type StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import type { StationPlace } from "./card-answer";
import { Rail } from "./Rail";

type Places = Readonly<Record<StationId, Pick<StationPlace, "stamp" | "stampWord" | "stretch" | "beside">>>;

interface StripProps {
  readonly places: Places;
  readonly current: StationId;
  readonly onGo: (station: StationId) => void;
}

/** Stations that belong to this motor, and the one in hand whichever it is. */
export const stationsShown = (
  places: Readonly<Record<StationId, Pick<StationPlace, "beside">>>,
  current: StationId,
): readonly StationId[] => STATION_IDS.filter((id) => places[id].beside === null || id === current);

/** The stations from top to bottom on the tape, each with its stamp; what this motor has not is one tap away. */
export const Strip = memo(function Strip({ places, current, onGo }: StripProps) {
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? STATION_IDS : stationsShown(places, current);
  const more = STATION_IDS.length - stationsShown(places, current).length;
  return (
    <>
      <ol className="py-1.5" aria-label="Stations">
        {shown.map((id) => {
          const isCurrent = id === current;
          const { stamp, stampWord, stretch, beside } = places[id];
          return (
            <li key={id}>
              <button
                type="button"
                aria-current={isCurrent ? "step" : undefined}
                onClick={() => onGo(id)}
                className={`relative flex min-h-[36px] pointer-coarse:min-h-[45px] w-full items-center gap-2 pr-2.5 pl-[46px] text-left text-[14px] ${isCurrent ? "bg-sheet font-semibold shadow-[inset_0_0_0_1.5px_var(--ink)]" : "hover:bg-press-wash"}`}
              >
                <Rail stretch={stretch} />
                <span
                  className={`min-w-0 flex-1 ${stamp === "not-done" && !isCurrent ? "text-ink-soft" : ""} ${stretch.startsWith("to-") ? "font-bold" : ""}`}
                >
                  {STATION_LABELS[id].title}
                </span>
                {beside === null || stamp !== "not-done" ? (
                  <Stamp tone={stamp}>{stampWord}</Stamp>
                ) : (
                  <span className="caption">Not on this motor</span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
      {more > 0 ? (
        <button type="button" className="btn btn-plain ml-[34px]" aria-expanded={isWhole} onClick={() => setWhole(!isWhole)}>
          {isWhole ? "Only what this motor has" : `More: ${more} not on this motor`}
        </button>
      ) : null}
    </>
  );
});
