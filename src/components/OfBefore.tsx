/** An answer while the next one is worked out: the last stands, greyed and said to be of before, so that nothing jumps. */
export function OfBefore({ isOld, children }: { isOld: boolean; children: React.ReactNode }) {
  return (
    <div aria-busy={isOld}>
      {isOld ? (
        <p role="status" className="caption mb-1">
          Working it out; this is of before
        </p>
      ) : null}
      <div className={isOld ? "opacity-50" : ""}>{children}</div>
    </div>
  );
}
