import { configure } from "@testing-library/dom";
import { pace } from "../../scripts/lib/pace.mjs";

/* Set up before each test that has a page. What comes late comes: only the ceiling of the whole run ends a wait. */
configure({ asyncUtilTimeout: 40_000 * pace() });
/** React asks for one to wait for its own turns, where its packages are compiled in. */
const later = setTimeout;
globalThis.MessageChannel ??= class {
  readonly port1: { onmessage: ((event: object) => void) | null } = { onmessage: null };
  readonly port2 = { postMessage: () => void later(() => this.port1.onmessage?.({})) };
} as never;
// A page that is not drawn has nothing to scroll.
Element.prototype.scrollIntoView ??= () => undefined;
