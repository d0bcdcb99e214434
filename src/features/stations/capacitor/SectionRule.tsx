import { LimitRule, type RulePointer } from "@/components/LimitRule";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { SectionVerdict, Trend } from "@/core/stations/capacitor";

const signed = (percent: number): string => `${percent < 0 ? "−" : "+"}${formatNumber(Math.abs(percent), 1)} %`;
const uf = (value: number): string => formatNumber(value, 2);

/** Every method leaves a pointer with its own uncertainty; each is coloured by what it says alone. */
function pointersOf({ joint, meter, running, swing, readingUf, limits }: SectionVerdict): RulePointer[] {
  const tone = (value: number, expanded: number): RulePointer["tone"] => {
    if (!limits) return "noted";
    if (joint?.agreement === "one" || joint?.agreement === "agree") return joint.conformity.decision;
    if (value - expanded >= limits.lowUf && value + expanded <= limits.highUf) return "holds";
    return value + expanded < limits.lowUf || value - expanded > limits.highUf ? "out" : "too-close";
  };
  const k = joint && joint.standardUncertaintyUf > 0 ? joint.conformity.expandedUncertainty / joint.standardUncertaintyUf : 2;
  const pointers: RulePointer[] = [];
  if (meter) {
    const halfWidth = k * meter.standardUncertaintyUf;
    pointers.push({
      at: meter.capacitanceUf,
      halfWidth,
      label: `meter ${uf(meter.capacitanceUf)}`,
      tone: tone(meter.capacitanceUf, halfWidth),
    });
  } else if (readingUf !== null) {
    pointers.push({ at: readingUf, halfWidth: 0, label: `meter ${uf(readingUf)}, in doubt`, tone: "noted" });
  }
  if (running) {
    const { capacitanceUf, standardUncertaintyUf } = running.found;
    const halfWidth = k * standardUncertaintyUf;
    pointers.push({ at: capacitanceUf, halfWidth, label: `running ${uf(capacitanceUf)}`, tone: tone(capacitanceUf, halfWidth) });
  }
  if (swing?.estimate) {
    const { capacitanceUf, highUf } = swing.estimate;
    pointers.push({
      at: capacitanceUf,
      halfWidth: (highUf - capacitanceUf) / 2,
      label: `swing about ${formatNumber(capacitanceUf, 0)}`,
      tone: "noted",
    });
  }
  return pointers;
}

interface SectionRuleProps {
  readonly section: SectionVerdict;
  readonly trend: Trend | undefined;
  readonly name: string;
  readonly isNamed: boolean;
}

/** The limit rule of one section: stops from its limits, a pointer a method, earlier readings as small marks. */
export function SectionRule({ section, trend, name, isNamed }: SectionRuleProps) {
  const { limits } = section;
  if (limits === null) return null;
  const percentOf = (value: number): string => (limits.origin === "printed-range" ? "" : signed((100 * value) / limits.ratedUf - 100));
  const pointers = pointersOf(section);
  const said = pointers.map(({ at, label }) => `; ${label.replace(/ [\d.]+(?=,|$)/, "")} ${formatQuantity("capacitance", at)}`).join("");
  const earlier = trend?.earlier ?? [];
  return (
    <div>
      {isNamed ? <h2 className="text-[14px] font-semibold">{name}</h2> : null}
      <LimitRule
        description={`${name}: allowed from ${uf(limits.lowUf)} to ${uf(limits.highUf)} µF${said}`}
        low={{ at: limits.lowUf, label: percentOf(limits.lowUf), figure: uf(limits.lowUf) }}
        high={{ at: limits.highUf, label: percentOf(limits.highUf), figure: uf(limits.highUf) }}
        rated={{
          at: limits.ratedUf,
          label: `${limits.origin === "printed-range" ? "middle" : "rated"} ${uf(limits.ratedUf)}`,
        }}
        pointers={pointers}
        marks={earlier.map(({ at, capacitanceUf }) => ({ at: capacitanceUf, label: at.slice(0, 4) }))}
      />
    </div>
  );
}
