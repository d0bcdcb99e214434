import type { PaperProps } from "../../station/paper";
import { clockTime } from "../../vocabulary/clock";
import { Thumb } from "@/features/photo/Thumb";
import { backWords, counted, PLACE_WORDS, stepWords, type Detail } from "./words";

/** The ledger of what came off, in its order: the way back is the same list from its end. */
export default function TakeApartPaper({ record: { steps, wires } }: PaperProps<"take-apart", Detail>) {
  if (steps.length === 0 && wires.length === 0) return null;
  return (
    <div className="mt-2 flex flex-col gap-2 text-[0.92em]">
      {steps.length > 0 ? (
        <table className="w-full">
          <caption className="sr-only">What came off, in order</caption>
          <thead>
            <tr className="border-b border-current text-left">
              <th className="w-8 py-0.5">No.</th>
              <th>Part</th>
              <th>Place</th>
              <th>Way round</th>
              <th>Photo</th>
              <th>Back</th>
            </tr>
          </thead>
          <tbody>
            {steps.map((step, index) => (
              <tr key={step.id} className="break-inside-avoid border-b border-rule-faint align-middle">
                <td className="num py-0.5">{index + 1}</td>
                <td>
                  {counted(step)}
                  {step.isNew ? ", new" : ""}
                </td>
                <td>{step.place ? PLACE_WORDS[step.place] : ""}</td>
                <td>{step.way}</td>
                <td>{step.photo ? <Thumb photo={step.photo} of={stepWords(step)} /> : null}</td>
                <td className="num">{step.backAt ? clockTime(step.backAt) : step.countBack > 0 ? backWords(step) : "not yet"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {wires.length > 0 ? (
        <table className="w-full max-w-[420px]">
          <caption className="sr-only">Wires by their marks</caption>
          <thead>
            <tr className="border-b border-current text-left">
              <th className="py-0.5">Wire</th>
              <th>Post</th>
              <th>Back</th>
            </tr>
          </thead>
          <tbody>
            {wires.map(({ mark, post, backAt }, index) => (
              <tr key={index} className="border-b border-rule-faint">
                <td className="py-0.5">{mark}</td>
                <td>{post}</td>
                <td className="num">{backAt ? clockTime(backAt) : "not yet"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </div>
  );
}
