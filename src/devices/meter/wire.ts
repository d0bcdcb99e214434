import type { Failure, Result } from "@/core/result";

/** Who hears what comes over a wire. */
export interface WireListener {
  readonly onBytes: (bytes: Uint8Array) => void;
  /** it was not closed from here */
  readonly onClosed: () => void;
}

/** A wire that is open. */
export interface OpenWire {
  write(bytes: Uint8Array): void;
  close(): void;
}

/** Whatever carries bytes between here and a meter. */
export interface MeterWire {
  open(listener: WireListener): Promise<Result<OpenWire, Failure>>;
}

/** What a browser says went wrong, as what a person can do about it. */
export function wireFailure(error: unknown): Failure {
  const { name, message } = error instanceof Error ? error : { name: "", message: "" };
  switch (name) {
    case "NotFoundError":
      return { code: "meter-not-chosen" };
    case "SecurityError":
    case "NotAllowedError":
      return { code: "meter-refused" };
    case "InvalidStateError":
    case "NetworkError":
      return { code: "meter-taken" };
    default:
      return { code: "meter-failed", detail: message };
  }
}
