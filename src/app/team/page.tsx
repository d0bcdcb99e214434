import { TeamScreen } from "@/features/team/TeamScreen";

export default function Page() {
  return <TeamScreen />;
}
