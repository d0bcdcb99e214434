import { memo } from "react";
import { Stamp } from "@/components/Stamp";
import { STATION_IDS, type StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import type { StationPlace } from "./card-answer";
import { Rail } from "./Rail";

interface StripProps {
  readonly places: Readonly<Record<StationId, Pick<StationPlace, "stamp" | "stampWord" | "stretch">>>;
  readonly current: StationId;
  readonly onGo: (station: StationId) => void;
}

/** The stations from top to bottom on the tape, each with its stamp. */
export const Strip = memo(function Strip({ places, current, onGo }: StripProps) {
  return (
    <ol className="py-1.5" aria-label="Stations">
      {STATION_IDS.map((id) => {
        const isCurrent = id === current;
        const { stamp, stampWord, stretch } = places[id];
        return (
          <li key={id}>
            <button
              type="button"
              aria-current={isCurrent ? "step" : undefined}
              onClick={() => onGo(id)}
              className={`relative flex min-h-[40px] pointer-coarse:min-h-[45px] w-full items-center gap-2 pr-2.5 pl-[46px] text-left text-[14px] ${isCurrent ? "bg-sheet font-semibold shadow-[inset_0_0_0_1.5px_var(--ink)]" : "hover:bg-press-wash"}`}
            >
              <Rail stretch={stretch} />
              <span
                className={`min-w-0 flex-1 ${stamp === "not-done" && !isCurrent ? "text-ink-soft" : ""} ${stretch.startsWith("to-") ? "font-bold" : ""}`}
              >
                {STATION_LABELS[id].title}
              </span>
              <Stamp tone={stamp}>{stampWord}</Stamp>
            </button>
          </li>
        );
      })}
    </ol>
  );
});
