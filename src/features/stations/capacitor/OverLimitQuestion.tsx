"use client";
import { useIntoView } from "@/features/form/asking";
import { Fields } from "@/features/form/Fields";
import type { InstrumentProps } from "../../station/contract";
import { ROWS } from "./fields";
import type { CapacitorDetail } from "./sentences";

/** OL on the capacitance range is a large part on a small meter as often as a short: the person says which. */
export default function OverLimitQuestion(props: InstrumentProps<"capacitor", CapacitorDetail>) {
  const ref = useIntoView<HTMLDivElement>(true);
  return (
    <div ref={ref} className="mt-2 scroll-mb-[260px] border-l-4 border-double border-close bg-close-wash px-3 py-2">
      <Fields of={ROWS} show={["overLimit"]} given={props} />
    </div>
  );
}
