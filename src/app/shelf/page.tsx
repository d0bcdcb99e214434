import { ShelfScreen } from "@/features/shelf/ShelfScreen";

export default function Page() {
  return <ShelfScreen />;
}
