"use client";
import { lazy, Suspense, useState } from "react";
import type { HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";

const HowSheet = lazy(() => import("./HowSheet"));

interface HowButtonProps {
  readonly station: StationId;
  readonly method: string | null;
  readonly record: unknown;
  /** house rules it is judged by */
  readonly rules: readonly HouseRuleId[];
}

/** One tap from every station and method: how it is done. */
export function HowButton(asked: HowButtonProps) {
  const [isShown, setShown] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-plain" aria-haspopup="dialog" onClick={() => setShown(true)}>
        How it is done
      </button>
      {isShown ? (
        <Suspense>
          <HowSheet {...asked} onClose={() => setShown(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
