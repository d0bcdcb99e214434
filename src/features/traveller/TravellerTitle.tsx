"use client";
import { MoreHorizontal } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import type { Traveller } from "@/records";
import { isMockHere } from "@/store/mock-place";
import { dayAndTime } from "../vocabulary/clock";

const Sheet = lazy(() => import("@/components/Sheet"));
const CardActions = lazy(() => import("./CardActions"));

/** Name and place of the machine, and what can be done with the card as a whole. */
export function TravellerTitle({ traveller }: { traveller: Traveller }) {
  const [isOpen, setOpen] = useState(false);
  const name = traveller.machine.trim() || "Machine not named yet";
  // A case of the Mock bench is neither exported nor printed.
  if (isMockHere()) return <b className="min-w-0 truncate text-[16px] font-semibold">{name}</b>;
  return (
    <>
      <button
        type="button"
        className="flex min-h-[44px] min-w-0 items-center gap-2 text-left"
        onClick={() => setOpen(true)}
        aria-label={`${name}: name, site, export, print`}
      >
        <span className="min-w-0 [overflow-wrap:anywhere] sm:line-clamp-2">
          <b className="block truncate text-[16px] font-semibold sm:inline">{name}</b>{" "}
          <span className="caption block truncate sm:inline">
            {[traveller.site.trim(), dayAndTime(traveller.createdAt, new Date())].filter(Boolean).join(" · ")}
          </span>
        </span>
        <MoreHorizontal aria-hidden="true" size={20} className="shrink-0 text-press" />
      </button>
      {isOpen ? (
        <Suspense>
          <Sheet title="This card" onClose={() => setOpen(false)}>
            <CardActions traveller={traveller} />
          </Sheet>
        </Suspense>
      ) : null}
    </>
  );
}
