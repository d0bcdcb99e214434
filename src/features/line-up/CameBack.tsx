import { PageLink } from "@/components/PageLink";
import type { TravellerId } from "@/records";
import { fullMoment } from "../vocabulary/clock";

/** That it came back stays on both cards. */
export function CameBack({ moments, from }: { moments: readonly string[]; from: TravellerId | null }) {
  const last = moments.at(-1);
  return (
    <>
      {from === null ? null : (
        <p className="border-l-4 border-close pl-2.5 text-[13.5px]">
          <b className="font-semibold">It came back.</b> What was done then did not cure it, or did not hold.{" "}
          <PageLink href={`/traveller?id=${from}`} className="text-press underline">
            The card of that visit
          </PageLink>
        </p>
      )}
      {last === undefined ? null : (
        <p className="border-l-4 border-close pl-2.5 text-[13.5px]">
          <b className="font-semibold">It came back</b> {moments.length > 1 ? `${moments.length} times, last on ` : "on "}
          {fullMoment(last)}. This card stays as it was signed off.
        </p>
      )}
    </>
  );
}
