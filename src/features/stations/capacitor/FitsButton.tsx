"use client";
import { lazy, Suspense, useState } from "react";
import type { InstrumentProps } from "../contract";
import type { CapacitorDetail, LabelDetail } from "./sentences";

const WhatFits = lazy(() => import("./WhatFits"));

/** Opens the parts list held against this place. */
export function FitsButton(props: InstrumentProps<"capacitor", CapacitorDetail> & { readonly detail: LabelDetail }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen(true)}>
        What would fit
      </button>
      {isOpen ? (
        <Suspense>
          <WhatFits {...props} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
