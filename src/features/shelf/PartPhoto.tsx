/** The picture of a part, as it lies with its line. */
export function PartPhoto({ photo, of }: { photo: string; of: string }) {
  // eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch
  return <img src={photo} alt={`Photo: ${of}`} className="my-1 max-h-48 max-w-full border border-rule" />;
}
