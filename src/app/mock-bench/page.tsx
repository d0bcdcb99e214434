import { MockScreen } from "@/features/mock/MockScreen";

export default function Page() {
  return <MockScreen />;
}
