"use client";
import type { StationMethod } from "@/core/station";
import { Tabs } from "radix-ui";

interface MethodTabsProps {
  readonly methods: readonly StationMethod[];
  readonly names: Readonly<Record<string, string>>;
  readonly method: string;
  readonly onMethod: (method: string) => void;
  readonly children: React.ReactNode;
}

/** The ways to work at a station; each has its own power state, drawn before its name: a straight line dead, a wave live. */
export function MethodTabs({ methods, names, method, onMethod, children }: MethodTabsProps) {
  return (
    <Tabs.Root value={method} onValueChange={onMethod} activationMode="manual" className="flex flex-col gap-4">
      <Tabs.List aria-label="Method" className="flex gap-x-1 overflow-x-auto border-b border-rule [scrollbar-width:none]">
        {methods.map(({ id, power }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="flex min-h-[44px] shrink-0 items-center gap-1.5 border-b-[3px] border-transparent px-2.5 text-[14.5px] whitespace-nowrap data-[state=active]:border-press data-[state=active]:font-bold"
          >
            {power === "live" ? <LiveSign /> : null}
            {names[id] ?? id}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value={method} tabIndex={-1} className="flex flex-col gap-4 outline-none">
        {children}
      </Tabs.Content>
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
