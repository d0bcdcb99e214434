"use client";
import { useEffect, useRef } from "react";
import type { Entry, Quantity } from "@/core/quantity";

/** Where a figure goes that nobody keys: a field, and what stands there. */
export interface FigureTarget {
  readonly label: string;
  readonly quantity: Quantity;
  readonly entry: Entry | null;
  /** what stands there is asked about */
  readonly isDoubtful: boolean;
  /** beside what is asked for: a figure goes there only when a person is in the field */
  readonly isAside?: boolean;
  put(entry: Entry | null): void;
}

const targets = new WeakMap<Element, FigureTarget>();

/** What a field on the screen takes; undefined: no figure of a meter. */
export const targetOf = (field: Element): FigureTarget | undefined => targets.get(field);

/** Tells what a field takes, as long as it is there. */
export function useFigureTarget(target: FigureTarget | null) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (field.current && target) targets.set(field.current, target);
  });
  return field;
}
