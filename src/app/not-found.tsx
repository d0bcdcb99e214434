import { PageLink } from "@/components/PageLink";
import { AppHeader } from "@/features/shell/AppHeader";

export default function NotFound() {
  return (
    <>
      <AppHeader at="" />
      <main className="p-6">
        <h1 className="text-[22px] font-bold">No such page</h1>
        <p className="mt-2">The address names nothing of this program. What is kept on this device is untouched.</p>
        <p className="mt-4">
          <PageLink href="/" className="btn">
            To the rack
          </PageLink>
        </p>
      </main>
    </>
  );
}
