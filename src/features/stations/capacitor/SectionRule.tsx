import { LimitRule } from "@/components/LimitRule";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { SectionVerdict } from "@/core/stations/capacitor";

const signed = (percent: number): string => `${percent < 0 ? "−" : "+"}${formatNumber(Math.abs(percent), 1)} %`;

/** The limit rule of one section: stops from its limits, the reading as a pointer with its uncertainty. */
export function SectionRule({ section, name }: { section: SectionVerdict; name: string }) {
  const { limits, readingUf, conformity } = section;
  if (limits === null) return null;
  const percentOf = (value: number): string => (limits.origin === "printed-range" ? "" : signed((100 * value) / limits.ratedUf - 100));
  const uf = (value: number): string => formatNumber(value, 2);
  const reading =
    readingUf === null || conformity === null
      ? []
      : [
          {
            at: readingUf,
            halfWidth: conformity.expandedUncertainty,
            label: `meter ${uf(readingUf)}`,
            tone: conformity.decision,
          },
        ];
  const said = reading.length > 0 ? `; the meter shows ${formatQuantity("capacitance", readingUf ?? 0)}` : "";
  return (
    <LimitRule
      description={`${name}: allowed from ${uf(limits.lowUf)} to ${uf(limits.highUf)} µF${said}`}
      low={{ at: limits.lowUf, label: percentOf(limits.lowUf), figure: uf(limits.lowUf) }}
      high={{ at: limits.highUf, label: percentOf(limits.highUf), figure: uf(limits.highUf) }}
      rated={{
        at: limits.ratedUf,
        label: `${limits.origin === "printed-range" ? "middle" : "rated"} ${uf(limits.ratedUf)}`,
      }}
      pointers={reading}
    />
  );
}
