"use client";

/**
 * A button that opens something to read. It works in a closed stretch too, where every field and real button of the
 * instrument is disabled with its fieldset: what was measured may be read at any time.
 */
export function ReadButton({ children, onPress }: { children: React.ReactNode; onPress: () => void }) {
  return (
    <div
      role="button"
      tabIndex={0}
      className="btn cursor-pointer"
      onClick={onPress}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        onPress();
      }}
    >
      {children}
    </div>
  );
}
