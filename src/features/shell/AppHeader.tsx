import { PageLink } from "@/components/PageLink";

const PLACES = [
  { href: "/", label: "Rack" },
  { href: "/bench", label: "Bench" },
  { href: "/shelf", label: "Shelf" },
  { href: "/ledger", label: "Ledger" },
  { href: "/house-rules", label: "House rules" },
] as const;

/** Name and places. On a traveller its own heading stands in for the places on a desk. */
export function AppHeader({ at, children }: { at: string; children?: React.ReactNode }) {
  return (
    <header className="no-print flex min-h-[56px] items-center gap-x-3 border-b-[1.5px] border-ink bg-ground px-4 sm:gap-x-5 sm:px-[18px]">
      <PageLink href="/" className="inline-flex min-h-[44px] items-center text-[17px] font-extrabold [font-stretch:118%]">
        Vemmick
      </PageLink>
      {children ?? (
        <nav aria-label="Places" className="flex min-w-0 gap-1 overflow-x-auto [scrollbar-width:none] sm:gap-3">
          {PLACES.map(({ href, label }) => (
            <PageLink
              key={href}
              href={href}
              aria-current={at === href ? "page" : undefined}
              className={`inline-flex min-h-[44px] items-center px-1.5 font-semibold whitespace-nowrap max-sm:text-[14px] ${at === href ? "border-b-[3px] border-press" : "border-b-[3px] border-transparent"}`}
            >
              {label}
            </PageLink>
          ))}
        </nav>
      )}
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
