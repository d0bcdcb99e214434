"use client";
import { ScreenError } from "@/features/shell/ScreenError";

export default function Error({ error, reset }: { error: Error; reset: () => void }) {
  return <ScreenError error={error} onRetry={reset} />;
}
