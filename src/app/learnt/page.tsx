import { LearntScreen } from "@/features/learnt/LearntScreen";

export default function Page() {
  return <LearntScreen />;
}
