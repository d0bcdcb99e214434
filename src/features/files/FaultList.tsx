import type { RecordFault } from "@/core/result";

const SHOWN = 8;

/** Records at fault, each in one short sentence; the same sentence once, with how often. */
export function FaultList({ title, faults, say }: { title: string; faults: readonly RecordFault[]; say: (fault: RecordFault) => string }) {
  if (faults.length === 0) return null;
  const counts = new Map<string, number>();
  for (const fault of faults) counts.set(say(fault), (counts.get(say(fault)) ?? 0) + 1);
  const lines = [...counts];
  return (
    <div className="mt-2 border-l-4 border-close pl-3 text-[14px]">
      <p className="font-semibold">{title}</p>
      <ul>
        {lines.slice(0, SHOWN).map(([sentence, count]) => (
          <li key={sentence} className="break-words">
            {sentence}
            {count > 1 ? ` ${count} times.` : ""}
          </li>
        ))}
        {lines.length > SHOWN ? <li>and {lines.length - SHOWN} more</li> : null}
      </ul>
    </div>
  );
}
