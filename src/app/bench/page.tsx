import { BenchScreen } from "@/features/bench/BenchScreen";

export default function Page() {
  return <BenchScreen />;
}
