"use client";
import { usePhoto } from "@/store/usePhoto";

/** A kept photo, small. */
export function Thumb({ photo, of, isLarge = false }: { photo: string; of: string; isLarge?: boolean }) {
  const picture = usePhoto(photo);
  const size = isLarge ? "max-h-64 max-w-full" : "h-10 w-14 object-cover";
  if (picture === null) return <span className="block h-10 w-14 border border-rule" />;
  if (picture === "gone") return <span className="caption">Photo not on this device</span>;
  // eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch
  return <img src={picture} alt={`Photo: ${of}`} className={`border border-rule ${size}`} />;
}
