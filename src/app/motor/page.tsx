import { Suspense } from "react";
import { MotorScreen } from "@/features/motor/MotorScreen";
import { Reading } from "@/features/shell/Screen";

export default function Page() {
  return (
    <Suspense fallback={<Reading />}>
      <MotorScreen />
    </Suspense>
  );
}
