import { RackScreen } from "@/features/rack/RackScreen";

export default function Page() {
  return <RackScreen />;
}
