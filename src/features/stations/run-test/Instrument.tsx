"use client";
import { lazy, Suspense } from "react";
import type { InstrumentProps } from "../../station/contract";
import { RunPanel } from "./RunPanel";
import type { Detail } from "./words";

/** The charts come when they are asked for. */
const WhatIf = lazy(() => import("./WhatIf"));

export default function Instrument(props: InstrumentProps<"run-test", Detail>) {
  if (props.method !== "what-if") return <RunPanel {...props} />;
  return (
    <Suspense fallback={<p className="text-ink-soft">The curves are on their way.</p>}>
      <WhatIf {...props} />
    </Suspense>
  );
}
