import { Suspense } from "react";
import { LedgerScreen } from "@/features/ledger/LedgerScreen";
import { Reading } from "@/features/shell/Screen";

export default function Page() {
  return (
    <Suspense fallback={<Reading />}>
      <LedgerScreen />
    </Suspense>
  );
}
