import { LedgerScreen } from "@/features/ledger/LedgerScreen";

export default function Page() {
  return <LedgerScreen />;
}
