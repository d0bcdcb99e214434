import type { Step } from "@/core/stations/take-apart";
import { Thumb } from "@/features/photo/Thumb";
import { backWords, stepWords } from "./words";

interface CameOffProps {
  readonly steps: readonly Step[];
  /** the line that stands open */
  readonly open: string | null;
  readonly onOpen: (id: string | null) => void;
  readonly editorOf: (step: Step) => React.ReactNode;
}

/** The list in the order things came off; a press opens a line for its details. */
export function CameOff({ steps, open, onOpen, editorOf }: CameOffProps) {
  return (
    <section aria-labelledby="came-off">
      <h2 id="came-off" className="heading-rule">
        Came off, in order <span className="caption font-normal">{steps.length}</span>
      </h2>
      {steps.length === 0 ? <p className="caption mt-2">Nothing yet.</p> : null}
      <ol>
        {steps.map((step, index) => (
          <li key={step.id} className="border-b border-rule-faint">
            <button
              type="button"
              className="flex min-h-[48px] w-full items-center gap-3 text-left hover:bg-press-wash"
              aria-expanded={open === step.id}
              onClick={() => onOpen(open === step.id ? null : step.id)}
            >
              <span className="num w-7 text-right text-[15px]">{index + 1}</span>
              {step.photo ? <Thumb photo={step.photo} of={stepWords(step)} /> : null}
              <span className="flex-1 text-[15px]">{stepWords(step)}</span>
              <span className="caption">{step.backAt ? "back" : step.countBack > 0 ? backWords(step) : "off"}</span>
            </button>
            {open === step.id ? editorOf(step) : null}
          </li>
        ))}
      </ol>
    </section>
  );
}
