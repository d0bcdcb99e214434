import { Suspense } from "react";
import { Reading } from "@/features/shell/Screen";
import { TravellerScreen } from "@/features/traveller/TravellerScreen";

export default function Page() {
  return (
    <Suspense fallback={<Reading />}>
      <TravellerScreen />
    </Suspense>
  );
}
