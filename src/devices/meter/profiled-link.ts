import { beginReading, readBytes, type Profile } from "@/core/meter-line";
import { ok } from "@/core/result";
import type { MeterLink, MeterListener } from "./port";
import type { MeterWire } from "./wire";

/**
 * A meter whose line is read by a profile, over whatever carries it.
 * @param profile how its line is read, and what it is asked
 * @param wire what carries it
 * @param nowMs a clock [ms]
 */
export function profiledLink(profile: Profile, wire: MeterWire, nowMs: () => number): MeterLink {
  return {
    name: profile.name,
    origin: "meter",
    meter: profile.meter,
    open: async (listener: MeterListener) => {
      const begun = beginReading(profile);
      if (!begun.ok) return begun;
      let reader = begun.value;
      let isOver = false;
      let asking: ReturnType<typeof setInterval> | undefined;
      const end = (): void => {
        isOver = true;
        clearInterval(asking);
      };
      const opened = await wire.open({
        onBytes: (bytes) => {
          if (isOver) return;
          const after = readBytes(reader, bytes);
          reader = after.reader;
          if (after.isTooLong) listener.onUnread("", "too-long");
          for (const { line, shows, fault } of after.lines) {
            if (shows) listener.onSample({ ...shows, line, atMs: nowMs() });
            else if (fault) listener.onUnread(line, fault);
          }
        },
        onClosed: () => {
          if (isOver) return;
          end();
          listener.onLost();
        },
      });
      if (!opened.ok) return opened;
      const { requests, everyMs, framing } = profile;
      const close = framing.kind === "lines" ? framing.end : "";
      let turn = 0;
      const ask = (): void => opened.value.write(new TextEncoder().encode(`${requests[turn++ % requests.length] ?? ""}${close}`));
      if (requests.length > 0) asking = setInterval(ask, everyMs);
      return ok(() => {
        end();
        opened.value.close();
      });
    },
  };
}
