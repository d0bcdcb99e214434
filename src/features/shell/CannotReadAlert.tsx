import type { Failure } from "@/core/result";
import { toKeptSentence } from "../messages/kept-sentences";

export default function CannotReadAlert({ failure }: { failure: Failure }) {
  return (
    <div role="alert" className="m-6 max-w-[60ch] border-l-4 border-out pl-4">
      <h1 className="text-[22px] font-bold">Nothing can be read from this device</h1>
      <p className="mt-2">{toKeptSentence(failure)}</p>
    </div>
  );
}
