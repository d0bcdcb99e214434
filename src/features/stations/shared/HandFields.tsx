"use client";
import { TURNS, type HandFeel, type HandVerdict } from "@/core/bearing";
import { PickOne, YesNo } from "@/components/Choice";
import { FigureField } from "@/components/FigureField";
import { toSentence } from "@/features/messages/failure-sentences";
import { TURN_WORDS } from "@/features/vocabulary/hand-words";

const TURN_OPTIONS = TURNS.map((id) => ({ id, label: TURN_WORDS[id] }));

interface HandFieldsProps {
  readonly feel: HandFeel;
  readonly verdict: HandVerdict;
  readonly onFeel: (change: Partial<HandFeel>) => void;
}

/** How it turns, play across and along the shaft, rubbing; figures of an indicator where there is one. */
export function HandFields({ feel, verdict: { problems }, onFeel }: HandFieldsProps) {
  return (
    <>
      <PickOne legend="How it turns" options={TURN_OPTIONS} picked={feel.turn} onPick={(turn) => onFeel({ turn })} />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <YesNo legend="Radial play felt" value={feel.radialPlay} onValue={(radialPlay) => onFeel({ radialPlay })} />
        <YesNo legend="End play beyond the washers" value={feel.endPlay} onValue={(endPlay) => onFeel({ endPlay })} />
        <YesNo legend="Wheel or rotor rubs" value={feel.rubs} onValue={(rubs) => onFeel({ rubs })} />
      </div>
      <div className="grid max-w-[520px] grid-cols-2 gap-x-6">
        <FigureField
          label="Radial play by indicator"
          text={feel.radialMm}
          unit="mm"
          problem={problems.radial ? toSentence(problems.radial) : null}
          onText={(radialMm) => onFeel({ radialMm })}
        />
        <FigureField
          label="End play by indicator"
          text={feel.endMm}
          unit="mm"
          problem={problems.end ? toSentence(problems.end) : null}
          onText={(endMm) => onFeel({ endMm })}
        />
      </div>
    </>
  );
}
