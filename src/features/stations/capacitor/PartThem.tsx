import { parseCapacitorParts, printCapacitorLabel } from "@/core/capacitor";
import { typeLabel } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import type { CapacitorDetail } from "./sentences";

type Props = Pick<InstrumentProps<"capacitor", CapacitorDetail>, "record" | "change">;

/** Two labels in one field: one press gives each its part. */
export default function PartThem({ record, change }: Props) {
  const pair = parseCapacitorParts(record.label);
  const parts = pair.ok ? pair.value : [];
  if (parts.length !== 2) return null;
  return (
    <p className="flex flex-wrap items-center gap-2 text-[14px]">
      <button
        type="button"
        className="btn"
        onClick={() => change((r) => ({ ...typeLabel(r, parts[0]?.text ?? ""), second: { ...r.second, label: parts[1]?.text ?? "" } }))}
      >
        Part them
      </button>
      <span>{parts.map(({ label: each }) => printCapacitorLabel(each)).join(" here, ")} as the other capacitor.</span>
    </p>
  );
}
