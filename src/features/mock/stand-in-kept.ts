import { SEEDS, WISHES, type StandInSpec, type Wish } from "@/core/mock";
import type { TravellerId } from "@/records";

/* What is simulated beside a card, for as long as the tab is open: the same page loaded anew shows the same motor. */

const keyOf = (id: TravellerId): string => `vemmick-stand-in/${id}`;

const draw = (wish: Wish): StandInSpec => ({ seed: Math.floor(Math.random() * SEEDS), wish });

/** What is simulated beside this card; nothing is wrong with it until somebody says so. */
export function keptStandIn(id: TravellerId): StandInSpec {
  try {
    const [seed, wish] = (sessionStorage.getItem(keyOf(id)) ?? "").split(" ");
    const known = WISHES.find((each) => each === wish);
    if (known && Number.isInteger(Number(seed))) return { seed: Number(seed), wish: known };
  } catch {
    // Storage is shut: it is drawn anew.
  }
  return keepStandIn(id, "nothing");
}

/** Another motor with that fault, kept. */
export function keepStandIn(id: TravellerId, wish: Wish): StandInSpec {
  const spec = draw(wish);
  try {
    sessionStorage.setItem(keyOf(id), `${spec.seed} ${wish}`);
  } catch {
    // As long as the page stands, it is known.
  }
  return spec;
}
