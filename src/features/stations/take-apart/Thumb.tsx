/** A photo kept with a step, small. */
export function Thumb({ photo, of, isLarge = false }: { photo: string; of: string; isLarge?: boolean }) {
  return (
    // eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch
    <img
      src={photo}
      alt={`Photo: ${of}`}
      className={isLarge ? "max-h-64 max-w-full border border-rule" : "h-10 w-14 border border-rule object-cover"}
    />
  );
}
