"use client";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { useSwipeable } from "react-swipeable";

interface SheetProps {
  readonly title: string;
  readonly onClose: () => void;
  /** a whole desk's width, for what stands side by side */
  readonly isWide?: boolean;
  readonly children: React.ReactNode;
}

/** A sheet over the page: from the foot on a phone, in the middle on a desk. Loaded when first opened. */
export default function Sheet({ title, onClose, isWide = false, children }: SheetProps) {
  // The sheet is opened by whoever renders it, so it remembers by itself where the focus goes back to.
  const [opener] = useState(() => (document.activeElement instanceof HTMLElement ? document.activeElement : null));
  const pulled = useSwipeable({ onSwipedDown: onClose });
  return (
    <Dialog.Root open onOpenChange={(isOpen) => (isOpen ? undefined : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            opener?.focus();
          }}
          className={`fixed inset-x-0 bottom-0 z-50 overflow-y-auto border-t-2 border-ink bg-sheet p-4 text-ink sm:inset-auto sm:top-1/2 sm:left-1/2 sm:-translate-x-1/2 sm:-translate-y-1/2 sm:border-2 sm:p-6 ${isWide ? "max-h-[96dvh] sm:max-h-[94dvh] sm:w-[1200px] sm:max-w-[97vw]" : "max-h-[85dvh] sm:max-h-[80dvh] sm:w-[640px] sm:max-w-[92vw]"}`}
        >
          {/* Pulled down by its head it goes, as it came up. */}
          <div {...pulled} className="flex touch-none items-center justify-between gap-4 border-b-[1.5px] border-ink pb-2">
            <Dialog.Title className="text-[20px] font-bold">{title}</Dialog.Title>
            <Dialog.Close className="btn">Close</Dialog.Close>
          </div>
          <div className="pt-4">{children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
