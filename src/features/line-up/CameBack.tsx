import { fullMoment } from "../vocabulary/clock";

/** That it came back stays on the card. */
export function CameBack({ moments }: { moments: readonly string[] }) {
  const last = moments.at(-1);
  if (last === undefined) return null;
  return (
    <p className="border-l-4 border-close pl-2.5 text-[13.5px]">
      <b className="font-semibold">It came back</b> {moments.length > 1 ? `${moments.length} times, last on ` : "on "}
      {fullMoment(last)}. The old evidence stands; what was done then did not cure it, or did not hold.
    </p>
  );
}
