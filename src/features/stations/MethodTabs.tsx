"use client";
import { lazy, Suspense, type ReactNode } from "react";
import { usePainted } from "@/components/usePainted";
import type { MethodListProps } from "./MethodList";

const MethodList = lazy(() => import("./MethodList"));

const PANEL = "method-in-hand";

/** The ways to work at a station, and the one in hand under them: it stands before the others can be chosen. */
export function MethodTabs({ children, ...list }: Omit<MethodListProps, "panel"> & { readonly children: ReactNode }) {
  const isPainted = usePainted();
  return (
    <div className="flex flex-col gap-4">
      <div className="min-h-[45px] border-b border-rule">
        {isPainted ? (
          <Suspense>
            <MethodList {...list} panel={PANEL} />
          </Suspense>
        ) : null}
      </div>
      <div role="tabpanel" id={PANEL} aria-label={list.names[list.method]} className="flex flex-col gap-4">
        {children}
      </div>
    </div>
  );
}
