import { PageLink } from "@/components/PageLink";

export default function NotFound() {
  return (
    <main className="p-6">
      <h1 className="text-[22px] font-bold">No such page</h1>
      <p className="mt-3">
        <PageLink href="/" className="btn">
          To the rack
        </PageLink>
      </p>
    </main>
  );
}
