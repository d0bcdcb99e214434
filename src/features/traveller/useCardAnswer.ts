"use client";
import { startTransition, useEffect, useState } from "react";
import type { TravellerId } from "@/records";
import { presentStudies, subscribeStudies } from "@/workers/studies";
import type { CardRequest } from "./card-answer";
import { createCardAsker, createPageAnswerer, createWorkerAnswerer, type Asking, type CardAnswerer, type CardAsker } from "./card-asker";

/** One a page, started with the page's own script: it loads while the page comes to life and the card is read. */
let answerer: CardAnswerer | null = typeof Worker === "undefined" ? null : createWorkerAnswerer();

let current: { readonly id: TravellerId; readonly asker: CardAsker } | null = null;

/** The asker of a card; another card has another, and nothing of the last one is shown on it. */
function askerOf(id: TravellerId): CardAsker {
  if (current?.id !== id) {
    const asker = createCardAsker((answerer ??= createPageAnswerer()), (kind, question) => presentStudies()(kind, question));
    subscribeStudies(asker.studied);
    current = { id, asker };
  }
  return current.asker;
}

/** What the whole card comes to, assessed away from the screen; meanwhile what it came to before. */
export function useCardAnswer(id: TravellerId, request: CardRequest): Asking & Pick<CardAsker, "retry" | "begin"> {
  const asker = askerOf(id);
  const [asking, setAsking] = useState(asker.present);
  useEffect(() => {
    // A key that comes meanwhile goes before it.
    const hear = () => startTransition(() => setAsking(asker.present()));
    hear();
    return asker.subscribe(hear);
  }, [asker]);
  useEffect(() => asker.ask(request), [asker, request]);
  return { ...asking, retry: asker.retry, begin: asker.begin };
}
