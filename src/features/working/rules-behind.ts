"use client";
import { createContext } from "react";
import type { HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";

/** A station, and the house rules its verdict was judged by. */
export interface JudgedBy {
  readonly station: StationId;
  readonly rules: readonly HouseRuleId[];
}

/** What the verdict in hand was judged by; null: there is none. */
export const RulesBehind = createContext<JudgedBy | null>(null);
