import type { How, Look } from "../station/how";
import { drawPiece } from "./pieces";

/** The drawing, the order of the hands, and what a reading looks like. */
export function HowTopic({ how: { scene, said, steps, good, bad, doubtful, mistake } }: { how: How }) {
  return (
    <div className="flex flex-col gap-3 text-[15px]">
      <svg viewBox="0 0 320 150" role="img" aria-label={said} className="block w-full max-w-[440px]" fontSize="12">
        {scene.map((piece, index) => (
          <g key={index}>{drawPiece(piece)}</g>
        ))}
      </svg>
      <ol className="flex list-decimal flex-col gap-1 pl-6">
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <dl className="grid grid-cols-[minmax(84px,auto)_1fr] border-t border-rule">
        <LookRow word="Good" look={good} />
        <LookRow word="Bad" look={bad} />
        <LookRow word="Doubtful" look={doubtful} />
        <div className="contents">
          <dt className="border-b border-rule-faint py-1.5 pr-3 font-bold">Usual mistake</dt>
          <dd className="border-b border-rule-faint py-1.5">{mistake}</dd>
        </div>
      </dl>
    </div>
  );
}

function LookRow({ word, look: { shows, means } }: { word: string; look: Look }) {
  return (
    <div className="contents">
      <dt className="border-b border-rule-faint py-1.5 pr-3 font-bold">{word}</dt>
      <dd className="border-b border-rule-faint py-1.5">
        <b className="num text-[0.92em] font-semibold">{shows}</b>: {means}
      </dd>
    </div>
  );
}
