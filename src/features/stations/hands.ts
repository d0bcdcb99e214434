import { STATION_IDS, type StationId } from "@/core/stations";
import { useEffect, useSyncExternalStore } from "react";
import type { StationInHand } from "../station/in-hand";

/** A station with all it takes to work at it, fetched when it is opened. A new one is one line here too. */
const HANDS: { readonly [Id in StationId]: () => Promise<{ readonly default: StationInHand }> } = {
  complaint: () => import("./complaint/in-hand"),
  plate: () => import("./plate/in-hand"),
  "make-safe": () => import("./make-safe/in-hand"),
  look: () => import("./look/in-hand"),
  "hand-turn": () => import("./hand-turn/in-hand"),
  capacitor: () => import("./capacitor/in-hand"),
  windings: () => import("./windings/in-hand"),
  frame: () => import("./frame/in-hand"),
  insulation: () => import("./insulation/in-hand"),
  "start-gear": () => import("./start-gear/in-hand"),
  bearing: () => import("./bearing/in-hand"),
  "take-apart": () => import("./take-apart/in-hand"),
  "power-back": () => import("./power-back/in-hand"),
  supply: () => import("./supply/in-hand"),
  "run-test": () => import("./run-test/in-hand"),
  "uncoupled-run": () => import("./uncoupled-run/in-hand"),
  decide: () => import("./decide/in-hand"),
  "out-in": () => import("./out-in/in-hand"),
  prove: () => import("./prove/in-hand"),
  end: () => import("./end/in-hand"),
};

const loaded = new Map<StationId, StationInHand>();
const loading = new Map<StationId, Promise<void>>();
const failed = new Map<StationId, unknown>();
const listeners = new Set<() => void>();

async function load(id: StationId): Promise<void> {
  try {
    loaded.set(id, (await HANDS[id]()).default);
    failed.delete(id);
  } catch (error) {
    failed.set(id, error);
  } finally {
    loading.delete(id);
    for (const listener of listeners) listener();
  }
}

/** Fetches a station; once it is here, or on its way, nothing is fetched. */
export function fetchHand(id: StationId): Promise<void> {
  if (loaded.has(id)) return Promise.resolve();
  const known = loading.get(id) ?? load(id);
  loading.set(id, known);
  return known;
}

/** Fetches every station, one after another, once the first is in use: changing stations then does not wait. */
export async function fetchHands(): Promise<void> {
  for (const id of STATION_IDS) await fetchHand(id);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * A station to work at; null while it is being fetched.
 * @errors throws what kept it from being fetched: the screen tells it, and its next try fetches anew
 */
export function useHand(id: StationId | null): StationInHand | null {
  const hand = useSyncExternalStore(
    subscribe,
    () => (id === null ? null : (loaded.get(id) ?? null)),
    () => null,
  );
  const error = useSyncExternalStore(
    subscribe,
    () => (id === null ? undefined : failed.get(id)),
    () => undefined,
  );
  useEffect(() => {
    if (id !== null) void fetchHand(id);
  }, [id]);
  if (id !== null && error !== undefined) {
    failed.delete(id);
    throw error;
  }
  return hand;
}
