import Link from "next/link";

export default function NotFound() {
  return (
    <main className="p-6">
      <h1 className="text-[22px] font-bold">No such page</h1>
      <p className="mt-3">
        <Link href="/" prefetch={false} className="btn">
          To the rack
        </Link>
      </p>
    </main>
  );
}
