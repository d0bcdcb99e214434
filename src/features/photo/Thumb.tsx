"use client";
import { usePhoto } from "@/store/usePhoto";

const SIZES = {
  small: "h-10 w-14 object-cover",
  "beside-a-button": "h-[44px] w-[72px] object-cover",
  large: "max-h-[min(60vh,420px)] max-w-full",
} as const;

/** A kept photo, small. */
export function Thumb({ photo, of, size = "small" }: { photo: string; of: string; size?: keyof typeof SIZES }) {
  const picture = usePhoto(photo);
  if (picture === null) return <span className="block h-10 w-14 border border-rule" />;
  if (picture === "gone") return <span className="caption">Photo not on this device</span>;
  // eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch
  return <img src={picture} alt={`Photo: ${of}`} className={`border border-rule ${SIZES[size]}`} />;
}
