import { PageLink } from "@/components/PageLink";

const PLACES = [
  { href: "/", label: "Rack" },
  { href: "/bench", label: "Bench" },
  { href: "/shelf", label: "Shelf" },
  { href: "/ledger", label: "Ledger" },
  { href: "/house-rules", label: "House rules", short: "House" },
] as const;

/** The places of the program; on a phone they fit its width. */
export function Places({ at }: { at: string }) {
  return (
    <nav
      aria-label="Places"
      className="flex min-w-0 gap-1 overflow-x-auto [scrollbar-width:none] max-sm:flex-1 max-sm:justify-between sm:gap-3"
    >
      {PLACES.map(({ href, label, ...rest }) => (
        <PageLink
          key={href}
          href={href}
          aria-current={at === href ? "page" : undefined}
          className={`inline-flex min-h-[44px] items-center px-1.5 font-semibold whitespace-nowrap max-sm:px-0.5 max-sm:text-[14px] ${at === href ? "border-b-[3px] border-press" : "border-b-[3px] border-transparent"}`}
        >
          {"short" in rest ? (
            <>
              <span className="sm:hidden">{rest.short}</span>
              <span className="max-sm:hidden">{label}</span>
            </>
          ) : (
            label
          )}
        </PageLink>
      ))}
    </nav>
  );
}

/** Name and places. On a traveller its own heading stands in for the places on a desk. */
export function AppHeader({ at, children }: { at: string; children?: React.ReactNode }) {
  return (
    <header className="no-print flex min-h-[56px] items-center gap-x-3 border-b-[1.5px] border-ink bg-ground px-4 sm:gap-x-5 sm:px-[18px]">
      <PageLink
        href="/"
        aria-label="Vemmick"
        className="inline-flex min-h-[44px] items-center text-[17px] font-extrabold [font-stretch:118%]"
      >
        <span className="sm:hidden" aria-hidden="true">
          V
        </span>
        <span className="max-sm:hidden" aria-hidden="true">
          Vemmick
        </span>
      </PageLink>
      {children ?? <Places at={at} />}
      <KeysHint />
    </header>
  );
}

function KeysHint() {
  return (
    <p className="ml-auto hidden gap-4 text-[14px] text-ink-soft lg:flex">
      <span>
        Find <kbd className="num ml-1 border border-current px-1 text-[12px]">/</kbd>
      </span>
      <span>
        Keys <kbd className="num ml-1 border border-current px-1 text-[12px]">?</kbd>
      </span>
    </p>
  );
}
