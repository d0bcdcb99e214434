"use client";
import { lazy, Suspense, useState } from "react";
import { ReadButton } from "@/components/ReadButton";
import type { InstrumentProps } from "../../station/contract";
import type { CapacitorDetail, LabelDetail } from "./sentences";

const WhatFits = lazy(() => import("./WhatFits"));

/** Opens the parts list held against this place. */
export function FitsButton(props: InstrumentProps<"capacitor", CapacitorDetail> & { readonly detail: LabelDetail }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <ReadButton onPress={() => setOpen(true)}>What would fit</ReadButton>
      {isOpen ? (
        <Suspense>
          <WhatFits {...props} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
