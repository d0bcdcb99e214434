"use client";
import { NO_STUDY, type Study } from "@/core/study";
import { useSyncExternalStore } from "react";
import { presentStudies, subscribeStudies } from "@/workers/studies";

/** Answers to the stations' long questions, worked out in a worker; the screen is drawn again when one arrives. */
export function useStudies(): Study {
  return useSyncExternalStore(subscribeStudies, presentStudies, () => NO_STUDY);
}
