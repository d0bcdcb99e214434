import { fail, ok } from "@/core/result";
import type { MeterWire, OpenWire } from "../wire";

/** So long a program on the same machine takes to answer [ms]. */
const ANSWERS_IN_MS = 4000;

/**
 * A program on the same machine that speaks with the meter, and passes its bytes on.
 * @param address a port of this machine
 */
export const bridgeWire = (address: string): MeterWire => ({
  open: ({ onBytes, onClosed }) =>
    new Promise((resolve) => {
      const silent = () => resolve(fail({ code: "meter-bridge-silent", address }));
      let socket: WebSocket;
      try {
        socket = new WebSocket(address);
      } catch {
        // An address that is none, or one the page may not ask.
        silent();
        return;
      }
      socket.binaryType = "arraybuffer";
      let isOver = false;
      const close = (): void => {
        isOver = true;
        socket.close();
      };
      const late = setTimeout(() => {
        close();
        silent();
      }, ANSWERS_IN_MS);
      const wire: OpenWire = { write: (bytes) => (socket.readyState === WebSocket.OPEN ? socket.send(bytes.slice()) : undefined), close };
      socket.addEventListener("open", () => {
        clearTimeout(late);
        resolve(ok(wire));
      });
      socket.addEventListener("message", ({ data }: MessageEvent<string | ArrayBuffer>) => {
        if (!isOver) onBytes(typeof data === "string" ? new TextEncoder().encode(data) : new Uint8Array(data));
      });
      socket.addEventListener("close", () => {
        clearTimeout(late);
        if (isOver) return;
        isOver = true;
        silent();
        onClosed();
      });
    }),
});
