"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { useNow } from "@/components/useNow";
import { countStarts } from "@/core/capacitor";
import { formatNumber } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { START_ROWS } from "./panel-fields";
import { KitDrawing } from "./KitDrawing";
import { BLEED_WORDS, CRUTCH_WORDS, KIT_WORDS } from "./kit-words";
import type { CapacitorDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** Starts counted against the start part's allowance, its bleed, and hard-start kits. */
export default function StartPartsPanel(props: Props) {
  const { record, assessment, facts, house, change } = props;
  const { detail } = assessment;
  const crutches = detail.state === "label" ? detail.crutches : [];
  return (
    <FieldFlow className="flex flex-col gap-6">
      <Starts record={record} house={house} change={change} />
      <section aria-labelledby="bleed">
        <h2 id="bleed" className="heading-rule">
          Bleed resistor
        </h2>
        <div className="mt-2 flex flex-col gap-2">
          <Fields of={START_ROWS} show={["hasBleed"]} given={props} />
          <p className="max-w-[64ch] text-[14px] text-ink-soft">
            {BLEED_WORDS[record.hasBleed === null ? "unknown" : record.hasBleed ? "yes" : "no"]}
          </p>
        </div>
      </section>
      <section aria-labelledby="kit">
        <h2 id="kit" className="heading-rule">
          Hard-start kit
        </h2>
        <div className="mt-2 flex flex-col gap-3">
          <Fields of={START_ROWS} show={["kit"]} given={props} />
          {record.kit ? (
            <div className="grid gap-4 sm:grid-cols-[280px_1fr]">
              <KitDrawing sort={record.kit} />
              <ul className="flex flex-col gap-1.5 text-[14px]">
                {KIT_WORDS[record.kit].map((sentence) => (
                  <li key={sentence}>{sentence}</li>
                ))}
              </ul>
            </div>
          ) : null}
          {record.kit && crutches.length > 0 ? (
            <div className="border-l-4 border-close pl-3 text-[14px]">
              <p className="font-semibold text-close">On this motor a kit would be a crutch</p>
              <ul>
                {crutches.map((reason) => (
                  <li key={reason}>{CRUTCH_WORDS[reason]}</li>
                ))}
              </ul>
            </div>
          ) : null}
          {record.kit && crutches.length === 0 ? (
            <p className="max-w-[64ch] text-[14px] text-ink-soft">
              A kit is a crutch where the compressor is tight, the volts are low or it short-cycles:{" "}
              {facts.complaints.length > 0 ? "nothing keyed so far says so" : "no complaint is known here"}.
            </p>
          ) : null}
        </div>
      </section>
    </FieldFlow>
  );
}

/** Counts starts of the last hour, and the seconds of the try in hand. */
function Starts({ record, house, change }: Pick<Props, "record" | "house" | "change">) {
  const now = useNow(250);
  const { startsAnHour, startSeconds } = house.figures;
  const count = countStarts(record.starts, now, startsAnHour);
  const last = record.starts.at(-1);
  const trySeconds = last === undefined ? Infinity : (now - Date.parse(last)) / 1000;
  const isTrying = trySeconds < startSeconds + 4;
  return (
    <section aria-labelledby="starts">
      <h2 id="starts" className="heading-rule">
        Starts
        <span className="caption font-normal">
          {count.allowed} an hour of {formatNumber(startSeconds, 0)} s
        </span>
      </h2>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="button"
          className="btn btn-filled"
          onClick={() => change((r, at) => ({ ...r, starts: [...r.starts, at].slice(-500) }))}
        >
          Count a start
        </button>
        <p role="status" className="text-[15px]">
          <span className="num">
            {count.inLastHour} of {count.allowed}
          </span>{" "}
          in the last hour.{" "}
          {count.left > 0
            ? `${count.left} left.`
            : `No more for ${formatNumber(Math.ceil(count.waitS / 60), 0)} min: the part is hot inside and would vent.`}
        </p>
        {record.starts.length > 0 ? (
          <button type="button" className="btn btn-plain" onClick={() => change((r) => ({ ...r, starts: r.starts.slice(0, -1) }))}>
            Take the last one back
          </button>
        ) : null}
      </div>
      {isTrying ? (
        <p className={`num mt-2 text-[22px] ${trySeconds > startSeconds ? "font-semibold text-out" : ""}`} aria-live="polite">
          {trySeconds > startSeconds ? "Off now: it must have started" : `${formatNumber(trySeconds, 1)} s`}
        </p>
      ) : null}
    </section>
  );
}
