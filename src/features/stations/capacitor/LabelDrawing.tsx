import { labelParts, type CapacitorLabel } from "@/core/capacitor";

/** The label as it was understood, drawn as it would stand on the can: what is missing is a dashed gap. */
export function LabelDrawing({ label, description }: { label: CapacitorLabel; description: string }) {
  const parts = labelParts(label);
  const small = [parts.hertz, parts.temperature, parts.protection].filter(Boolean);
  return (
    <div
      role="img"
      aria-label={description}
      className={`num flex w-fit max-w-full flex-wrap items-baseline gap-x-4 gap-y-0.5 border-[1.5px] border-ink bg-ground px-3 py-1.5 text-[15px] ${
        label.kind === "run" ? "rounded-[3px]" : "rounded-[14px]"
      }`}
    >
      <span className="text-[18px] font-semibold">{parts.capacitance}</span>
      <Part text={label.sections[0]?.nominalUf === null ? "range" : parts.tolerance} missing="± ? %" />
      <Part text={parts.volts} missing="? V" />
      {small.length > 0 ? <span className="basis-full text-[12.5px] text-ink-soft">{small.join("  ")}</span> : null}
      {label.hasLineMark ? (
        <span className="basis-full font-sans text-[12.5px] text-ink-soft">
          <span aria-hidden="true">● </span>marked terminal: line (run) side
        </span>
      ) : null}
    </div>
  );
}

function Part({ text, missing }: { text: string; missing: string }) {
  return text ? <span>{text}</span> : <span className="border-b border-dashed border-ink-soft text-ink-soft">{missing}</span>;
}
