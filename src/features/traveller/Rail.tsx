import type { Stretch } from "@/core/traveller";

const LIVE = "var(--out)";
const INK = "var(--ink)";
const X = 24;

/** A wave of n half-periods between two heights. */
function wave(from: number, to: number): string {
  const count = Math.max(2, Math.round((to - from) / 11));
  const step = (to - from) / count;
  return `M${X} ${from}${Array.from({ length: count }, (_, index) => `q${index % 2 === 0 ? 9 : -9} ${step / 2} 0 ${step}`).join("")}`;
}

const HEIGHT = 48;

/** One row of the rail: heavy where dead, two thin lines where it was, a wave where live, a knife switch where the state changes. */
export function Rail({ stretch }: { stretch: Stretch }) {
  return (
    <svg viewBox={`0 0 48 ${HEIGHT}`} className="absolute inset-y-0 left-0 h-full w-12" preserveAspectRatio="none" aria-hidden="true">
      {stretch === "live" ? <path d={wave(0, HEIGHT)} stroke={LIVE} strokeWidth="2.4" fill="none" /> : null}
      {stretch === "dead" ? <path d={`M${X} 0V${HEIGHT}`} stroke={INK} strokeWidth="5" /> : null}
      {stretch === "dead-passed" ? <path d={`M${X - 2} 0V${HEIGHT}M${X + 2} 0V${HEIGHT}`} stroke="var(--rule)" strokeWidth="1.6" /> : null}
      {stretch === "dead-closed" ? <path d={`M${X} 0V${HEIGHT}`} stroke="var(--rule)" strokeWidth="5" strokeDasharray="3 5" /> : null}
      {stretch === "to-dead" || stretch === "to-dead-done" ? (
        <>
          <path d={wave(0, 11)} stroke={LIVE} strokeWidth="2.4" fill="none" />
          <path d={`M${X} 37V${HEIGHT}`} stroke={stretch === "to-dead-done" ? INK : "var(--rule)"} strokeWidth="5" />
          <Knife isOpen={stretch === "to-dead-done"} />
        </>
      ) : null}
      {stretch === "to-live" || stretch === "to-live-done" ? (
        <>
          {stretch === "to-live" ? (
            <path d={`M${X} 0V11`} stroke={INK} strokeWidth="5" />
          ) : (
            <path d={`M${X - 2} 0V11M${X + 2} 0V11`} stroke="var(--rule)" strokeWidth="1.6" />
          )}
          <path d={wave(37, HEIGHT)} stroke={LIVE} strokeWidth="2.4" fill="none" opacity={stretch === "to-live" ? 0.45 : 1} />
          <Knife isOpen={stretch === "to-live"} />
        </>
      ) : null}
    </svg>
  );
}

function Knife({ isOpen }: { isOpen: boolean }) {
  return (
    <>
      <path d={isOpen ? `M${X} 35L36 17` : `M${X} 35V13`} stroke={INK} strokeWidth="2.6" />
      <circle cx={X} cy="13" r="4" fill="var(--ground)" stroke={INK} strokeWidth="2" />
      <circle cx={X} cy="35" r="4" fill="var(--ground)" stroke={INK} strokeWidth="2" />
    </>
  );
}

const STATION_W = 30;

/** The rail laid across the top on a phone, with a marker at the station in hand. */
export function RailAcross({ stretches, at }: { stretches: readonly Stretch[]; at: number }) {
  const width = stretches.length * STATION_W;
  const y = 17;
  const part = (stretch: Stretch, index: number): React.ReactNode => {
    const x = index * STATION_W;
    if (stretch === "live") {
      return <path key={index} d={`M${x} ${y}q3.75 -8 7.5 0t7.5 0t7.5 0t7.5 0`} stroke={LIVE} strokeWidth="2" fill="none" />;
    }
    if (stretch === "dead-passed")
      return <path key={index} d={`M${x} ${y - 2}h${STATION_W}M${x} ${y + 2}h${STATION_W}`} stroke="var(--rule)" strokeWidth="1.4" />;
    if (stretch === "dead" || stretch === "dead-closed") {
      return (
        <path
          key={index}
          d={`M${x} ${y}h${STATION_W}`}
          stroke={stretch === "dead" ? INK : "var(--rule)"}
          strokeWidth="4.5"
          strokeDasharray={stretch === "dead" ? undefined : "3 4"}
        />
      );
    }
    return (
      <g key={index}>
        <path d={`M${x} ${y}H${x + 9}M${x + 21} ${y}H${x + STATION_W}`} stroke={INK} strokeWidth="2" />
        <path
          d={`M${x + 21} ${y}L${x + 10} ${stretch.endsWith("done") === stretch.startsWith("to-dead") ? y - 9 : y}`}
          stroke={INK}
          strokeWidth="2.2"
        />
        <circle cx={x + 9} cy={y} r="3" fill="var(--ground)" stroke={INK} strokeWidth="1.6" />
        <circle cx={x + 21} cy={y} r="3" fill="var(--ground)" stroke={INK} strokeWidth="1.6" />
      </g>
    );
  };
  return (
    <svg viewBox={`0 0 ${width} 26`} preserveAspectRatio="none" className="block h-[26px] w-full" aria-hidden="true">
      {stretches.map(part)}
      <path d={`M${at * STATION_W + 8} 1h14l-7 9z`} fill={INK} />
    </svg>
  );
}
