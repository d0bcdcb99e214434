import { NothingHere } from "@/features/shell/NothingHere";

export default function NotFound() {
  return (
    <NothingHere title="No such page">The address names nothing of this program. What is kept on this device is untouched.</NothingHere>
  );
}
