import { lazy } from "react";

/** The case comes right behind the station in hand: what is keyed needs nothing of it. */
const load = () => import("./Case");
export const Case = lazy(async () => ({ default: (await load()).Case }));

/** Sets it on its way with the page, so that it is there once the card is weighed. */
export const fetchCase = (): void => void load().catch(() => undefined);
