"use client";
import { lazy, Suspense, useState } from "react";
import type { PhotoOf } from "@/workers/photo-messages";
import type { PhotoSheetProps } from "./PhotoSheet";

/* Camera, corners and candidates come when a photo is to be read: most are typed. */
const PhotoSheet = lazy(() => import("./PhotoSheet")) as unknown as <Kind extends PhotoOf>(props: PhotoSheetProps<Kind>) => React.ReactNode;

/** Opens the reading from a photo. */
export function FromPhoto<Kind extends PhotoOf>({
  label = "From a photo",
  ...props
}: Omit<PhotoSheetProps<Kind>, "onClose"> & { readonly label?: string }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen(true)}>
        {label}
      </button>
      {isOpen ? (
        <Suspense>
          <PhotoSheet {...props} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
