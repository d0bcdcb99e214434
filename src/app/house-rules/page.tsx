import { Suspense } from "react";
import { HouseRulesScreen } from "@/features/house-rules/HouseRulesScreen";
import { Reading } from "@/features/shell/Screen";

export default function Page() {
  return (
    <Suspense fallback={<Reading />}>
      <HouseRulesScreen />
    </Suspense>
  );
}
