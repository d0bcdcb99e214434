import type { SerialSettings } from "@/core/meter-line";
import { fail, ok } from "@/core/result";
import { wireFailure, type MeterWire } from "../wire";

/** A serial port, as far as it is used here. @source Web Serial API, W3C community group draft */
interface SerialPort extends EventTarget {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly writable: WritableStream<Uint8Array> | null;
  open(settings: SerialSettings): Promise<void>;
  close(): Promise<void>;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
  getPorts(): Promise<SerialPort[]>;
}

const serialHere = (): Serial | undefined => (navigator as Navigator & { readonly serial?: Serial }).serial;

/** A parity or framing error ends one stream; the port has another one then. */
const MOST_STREAMS = 100;

async function listen(port: SerialPort, onBytes: (bytes: Uint8Array) => void, stop: AbortSignal): Promise<void> {
  for (let streams = 0; port.readable && !stop.aborted && streams < MOST_STREAMS; streams++) {
    const reader = port.readable.getReader();
    const cancel = (): void => void reader.cancel().catch(() => undefined);
    stop.addEventListener("abort", cancel, { once: true });
    try {
      for (let part = await reader.read(); !part.done; part = await reader.read()) onBytes(part.value);
      return;
    } catch {
      // The next stream of the same port is tried; where there is none, the line is lost.
    } finally {
      stop.removeEventListener("abort", cancel);
      reader.releaseLock();
    }
  }
}

/**
 * A meter on a serial port, or on what looks like one.
 * @param settings of the port
 * @param isKnown take the port that was chosen before, and ask nobody
 */
export const serialWire = (settings: SerialSettings, isKnown: boolean): MeterWire => ({
  open: async ({ onBytes, onClosed }) => {
    const serial = serialHere();
    if (!serial) return fail({ code: "meter-way-missing", way: "serial" });
    try {
      const port = isKnown ? (await serial.getPorts())[0] : await serial.requestPort();
      if (!port) return fail({ code: "meter-not-chosen" });
      await port.open(settings);
      const stop = new AbortController();
      const writer = port.writable?.getWriter();
      void listen(port, onBytes, stop.signal).then(async () => {
        writer?.releaseLock();
        await port.close().catch(() => undefined);
        if (!stop.signal.aborted) onClosed();
      });
      // What cannot be written shows as silence.
      return ok({ write: (bytes) => void writer?.write(bytes).catch(() => undefined), close: () => stop.abort() });
    } catch (error) {
      return fail(wireFailure(error));
    }
  },
});
