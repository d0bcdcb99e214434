import type { GearSort } from "@/core/startgear";

/** How one sort of start gear is named, drawn, and what its figures are called. */
export interface GearView {
  readonly name: string;
  /** the drawing in words */
  readonly said: string;
  /** where the meter goes, drawn in a box of 220 × 170; the place to measure in the colour of what can be pressed */
  readonly drawing: React.ReactNode;
  /** of a relay: between which of its terminals coil and contacts lie, and what to mind */
  readonly relay?: { readonly coil: string; readonly contact: string; readonly caption: string };
}

const INK = { fill: "none", stroke: "var(--ink)", strokeWidth: 2 } as const;

const terminal = (x: number, y: number, name: string, dy = -12) => (
  <g key={name}>
    <circle cx={x} cy={y} r="7" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
    <text x={x} y={y + dy} textAnchor="middle" fontWeight="700">
      {name}
    </text>
  </g>
);

/** A box in the start lead that lets go by itself. */
function timedDrawing(inside: string) {
  return (
    <>
      <path d="M20 84H72M148 84H200" {...INK} />
      <rect x="72" y="56" width="76" height="56" fill="none" stroke="var(--press)" strokeWidth="3" />
      <text x="110" y="88" textAnchor="middle">
        {inside}
      </text>
      {terminal(20, 84, "L")}
      {terminal(200, 84, "S")}
      <text x="110" y="136" textAnchor="middle">
        lets go within a second
      </text>
    </>
  );
}

/** Every sort of start gear as it is shown. A new one is one entry here, and its row in core/startgear/gear-table.ts. */
export const GEAR_VIEWS: Readonly<Record<GearSort, GearView>> = {
  switch: {
    name: "Centrifugal switch",
    said: "Centrifugal switch: contacts closed at rest between line and start winding, opened by the weights",
    drawing: (
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
  },
  "potential-relay": {
    name: "Potential relay",
    said: "Potential relay: contacts closed at rest between 1 and 2, coil between 2 and 5",
    relay: { coil: "2–5", contact: "1–2", caption: "The numbers are the usual ones; the relay's own drawing comes first." },
    drawing: (
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
  },
  "current-relay": {
    name: "Current relay",
    said: "Current relay: coil in the run winding's lead, contacts open at rest toward the start winding",
    relay: { coil: "L–R", contact: "L–S", caption: "Hold it upright, as it hangs: its contacts fall open by weight." },
    drawing: (
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
  },
  ptc: {
    name: "PTC",
    said: "PTC between run and start, low when cold",
    drawing: (
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
  },
  "time-relay": {
    name: "Time relay",
    said: "Time relay: a contact in the start winding's lead, opened by a clock",
    drawing: timedDrawing("clock"),
  },
  "solid-state-kit": {
    name: "Solid-state kit",
    said: "Solid-state kit: electronics in the start winding's lead, in place of contacts",
    drawing: timedDrawing("electronics"),
  },
  none: { name: "None fitted", said: "No start gear", drawing: null },
};
