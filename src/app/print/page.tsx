import { Suspense } from "react";
import { PrintScreen } from "@/features/print/PrintScreen";
import { Reading } from "@/features/shell/Screen";

export default function Page() {
  return (
    <Suspense fallback={<Reading />}>
      <PrintScreen />
    </Suspense>
  );
}
