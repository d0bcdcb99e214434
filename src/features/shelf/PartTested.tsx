"use client";
import { PageLink } from "@/components/PageLink";
import type { TestedPart } from "@/records";
import { useHouse } from "@/store/house-rules";
import { PartPhoto } from "./PartPhoto";
import { testedWords } from "../vocabulary/tested-words";

/** Where a spare comes from and what it read then; its age counts. */
export default function PartTested({ tested, photo, of }: { tested: TestedPart; photo: string | null; of: string }) {
  const house = useHouse();
  const months = house?.figures.retestMonths ?? null;
  return (
    <div className="text-[13.5px]">
      <p>
        {months === null ? null : testedWords(tested, months)}{" "}
        {tested.cardId ? (
          <PageLink href={`/traveller?id=${tested.cardId}`} className="underline">
            its card
          </PageLink>
        ) : null}
      </p>
      {photo ? <PartPhoto photo={photo} of={of} /> : null}
      {tested.readings.length > 0 ? (
        <dl className="mt-1 border-l-4 border-rule pl-3">
          {tested.readings.map(({ what, said }) => (
            <div key={what} className="mb-1">
              <dt className="caption">{what}</dt>
              <dd>{said}</dd>
            </div>
          ))}
        </dl>
      ) : null}
    </div>
  );
}
