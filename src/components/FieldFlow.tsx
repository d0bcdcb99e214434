"use client";

const FIELDS = "input:not(:disabled):not([type=checkbox]):not([type=radio]), textarea:not(:disabled), select:not(:disabled)";

/** Enter goes to the next field of the same instrument, and out of the last one; there is nothing to send, because all is kept already. */
export function FieldFlow({
  children,
  className = "",
  onFigure,
}: {
  children: React.ReactNode;
  className?: string;
  /** Enter in a figure field, where one field stands for many readings */
  onFigure?: () => void;
}) {
  return (
    <form
      data-instrument=""
      data-one-figure={onFigure ? "" : undefined}
      className={className}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (onFigure && document.activeElement?.matches("[data-figure]")) return onFigure();
        const fields = [...event.currentTarget.querySelectorAll<HTMLElement>(FIELDS)];
        const active = document.activeElement as HTMLElement;
        const next = fields[fields.indexOf(active) + 1];
        if (next) next.focus();
        // Out of the last field: one letter opens the next station.
        else active.blur();
      }}
    >
      {children}
      {/* Without a submit button, Enter does nothing in a form of several fields. */}
      <button type="submit" tabIndex={-1} aria-hidden="true" className="sr-only">
        Next field
      </button>
    </form>
  );
}
