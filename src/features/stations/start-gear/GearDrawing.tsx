import type { GearSort } from "@/core/startgear";

const SAID: Record<GearSort, string> = {
  switch: "Centrifugal switch: contacts closed at rest between line and start winding, opened by the weights",
  "potential-relay": "Potential relay: contacts closed at rest between 1 and 2, coil between 2 and 5",
  "current-relay": "Current relay: coil in the run winding's lead, contacts open at rest toward the start winding",
  ptc: "PTC between run and start, low when cold",
  none: "No start gear",
};

const INK = { fill: "none", stroke: "var(--ink)", strokeWidth: 2 } as const;

/** Where the meter goes, drawn for each sort; the place to measure in the colour of what can be pressed. */
export function GearDrawing({ sort }: { sort: GearSort }) {
  return (
    <svg viewBox="0 0 220 170" role="img" aria-label={SAID[sort]} className="block w-full max-w-[240px]" fontSize="12.5" fill="var(--ink)">
      {DRAWINGS[sort]}
    </svg>
  );
}

const terminal = (x: number, y: number, name: string, dy = -12) => (
  <g key={name}>
    <circle cx={x} cy={y} r="7" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
    <text x={x} y={y + dy} textAnchor="middle" fontWeight="700">
      {name}
    </text>
  </g>
);

const DRAWINGS: Record<GearSort, React.ReactNode> = {
  switch: (
    <>
      <path d="M20 60H72M148 60H200" {...INK} />
      <path d="M72 60H148" stroke="var(--press)" strokeWidth="4" />
      {terminal(72, 60, "in")}
      {terminal(148, 60, "out")}
      <path d="M110 66V120M86 120H134M80 132L96 120M140 132L124 120" {...INK} />
      <text x="110" y="152" textAnchor="middle">
        weights push at speed
      </text>
      <text x="110" y="34" textAnchor="middle">
        near zero at rest
      </text>
    </>
  ),
  "potential-relay": (
    <>
      <rect x="30" y="26" width="160" height="118" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      <path d="M60 56H104" stroke="var(--press)" strokeWidth="4" />
      <path d="M104 56V112q0 -12 12 0t12 0t12 0t12 0" {...INK} />
      {terminal(60, 56, "1")}
      {terminal(104, 56, "2")}
      {terminal(160, 112, "5")}
      {terminal(60, 112, "4")}
      {terminal(160, 56, "6")}
      <text x="82" y="80" textAnchor="middle">
        closed
      </text>
      <text x="120" y="136" textAnchor="middle">
        coil, some kΩ
      </text>
    </>
  ),
  "current-relay": (
    <>
      <path d="M20 116H58q0 -16 12 0t12 0t12 0t12 0H170" {...INK} />
      <path d="M58 116V56H84M132 56H170" {...INK} />
      <path d="M84 56L126 38" stroke="var(--press)" strokeWidth="4" />
      {terminal(20, 116, "L")}
      {terminal(176, 116, "R")}
      {terminal(176, 56, "S")}
      <text x="104" y="28" textAnchor="middle">
        open at rest
      </text>
      <text x="84" y="142" textAnchor="middle">
        coil, near zero
      </text>
    </>
  ),
  ptc: (
    <>
      <path d="M30 84H78M142 84H190" {...INK} />
      <rect x="78" y="66" width="64" height="36" fill="none" stroke="var(--press)" strokeWidth="3" />
      <path d="M70 116L150 52H162" {...INK} />
      {terminal(30, 84, "R")}
      {terminal(190, 84, "S")}
      <text x="110" y="40" textAnchor="middle">
        tens of Ω cold
      </text>
      <text x="110" y="140" textAnchor="middle">
        tens of kΩ hot
      </text>
    </>
  ),
  none: null,
};
