import { HouseRulesScreen } from "@/features/house-rules/HouseRulesScreen";

export default function Page() {
  return <HouseRulesScreen />;
}
