import { createLink, type Link } from "./link";
import { newsWords } from "./link-words";
import { createSignals, type Signals } from "./signals";

let made: { readonly link: Link; readonly signals: Signals } | null = null;

/** The one link of this tab, with what makes itself heard. */
export function theLink(): { readonly link: Link; readonly signals: Signals } {
  if (made) return made;
  const signals = createSignals();
  const link = createLink({
    now: () => new Date(),
    give: (loudness, news) => signals.give(loudness, newsWords(news)),
  });
  made = { link, signals };
  return made;
}
