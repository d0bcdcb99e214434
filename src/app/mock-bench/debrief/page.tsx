import { DebriefScreen } from "@/features/mock/DebriefScreen";

export default function Page() {
  return <DebriefScreen />;
}
