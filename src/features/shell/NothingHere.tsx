import { PageLink } from "@/components/PageLink";
import { AppHeader } from "./AppHeader";

/** A page that has nothing to show, why, and the way back. */
export function NothingHere({ at = "", title, children }: { at?: string; title: string; children: React.ReactNode }) {
  return (
    <>
      <AppHeader at={at} />
      <main className="p-6">
        <h1 className="text-[22px] font-bold">{title}</h1>
        <p className="mt-2">{children}</p>
        <p className="mt-4">
          <PageLink href="/" className="btn">
            To the rack
          </PageLink>
        </p>
      </main>
    </>
  );
}

/** A card that was removed, or is in another browser. */
export function NoCard({ at }: { at: string }) {
  return (
    <NothingHere at={at} title="This card is not on this device">
      It may have been removed, or kept in another browser. Import its file in the Ledger, or go back.
    </NothingHere>
  );
}
