"use client";
import { Tabs } from "radix-ui";
import type { StationMethod } from "@/core/station";

export interface MethodListProps {
  readonly methods: readonly StationMethod[];
  readonly names: Readonly<Record<string, string>>;
  readonly method: string;
  readonly onMethod: (method: string) => void;
  /** id of what a tab opens */
  readonly panel: string;
}

/** The ways to work at a station; each has its own power state, drawn before its name: a wave where it is live. */
export default function MethodList({ methods, names, method, onMethod, panel }: MethodListProps) {
  return (
    <Tabs.Root value={method} onValueChange={onMethod} activationMode="manual">
      <Tabs.List aria-label="Method" className="flex gap-x-1 overflow-x-auto [scrollbar-width:none]">
        {methods.map(({ id, power }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            aria-controls={panel}
            className="flex min-h-[44px] shrink-0 items-center gap-1.5 border-b-[3px] border-transparent px-2.5 text-[14.5px] whitespace-nowrap data-[state=active]:border-press data-[state=active]:font-bold"
          >
            {power === "live" ? <LiveSign /> : null}
            {names[id] ?? id}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
    </Tabs.Root>
  );
}

function LiveSign() {
  return (
    <svg viewBox="0 0 18 10" className="h-2.5 w-4.5" role="img" aria-label="Live:">
      <path d="M1 5c2.5-5 5-5 8 0s5.500 5 8 0" fill="none" stroke="var(--out)" strokeWidth="1.8" />
    </svg>
  );
}
