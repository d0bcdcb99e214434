"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { lazy, Suspense } from "react";
import { PartsPanel } from "./PartsPanel";
import type { Props } from "./props";
import { QuotesPanel } from "./QuotesPanel";

const MatchPanel = lazy(() => import("./MatchPanel"));

/** The exchange by the work in hand: the pairs of parts, which motor fits, what was quoted. */
export default function Instrument(props: Props) {
  return (
    <FieldFlow className="flex flex-col gap-6">
      {props.method === "match" ? (
        <Suspense fallback={<p className="text-ink-soft">Laying the plates side by side.</p>}>
          <MatchPanel {...props} />
        </Suspense>
      ) : props.method === "quotes" ? (
        <QuotesPanel {...props} />
      ) : (
        <PartsPanel {...props} />
      )}
    </FieldFlow>
  );
}
