/** The plate in one line of the heading. */
export function PlateSummary({ cells }: { cells: readonly (readonly [name: string, value: string])[] }) {
  if (cells.length === 0) return null;
  return (
    <dl className="ml-auto hidden border-[1.5px] border-ink bg-sheet lg:flex" aria-label="Plate">
      {cells.map(([name, value], index) => (
        <div key={name} className={`px-2.5 pt-[3px] pb-0.5 ${index > 0 ? "border-l border-rule" : ""}`}>
          <dt className="text-[11px] leading-tight text-ink-soft">{name}</dt>
          <dd className="num max-w-[190px] truncate text-[12.5px]">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
