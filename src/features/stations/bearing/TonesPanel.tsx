"use client";
import { geometryOf, type DefectBand } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import { Verdict } from "../shared/Verdict";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { EndSwitch } from "./EndSwitch";
import type { PanelProps } from "./props";
import { DEFECT_WORDS, tonesSentences } from "./panel-words";

/** Where a defect of this bearing rings, at this motor's speed. */
export function TonesPanel(props: PanelProps) {
  const { assessment, end, onEnd } = props;
  const { detail } = assessment;
  const bands = detail.bands[end] ?? [];
  const { size } = detail.ends[end];
  const geometry = size ? geometryOf(size) : null;
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <EndSwitch end={end} onEnd={onEnd} />
        <div className="w-40">
          <Fields of={ROWS} show={["rpm"]} given={props} />
        </div>
      </div>
      {bands.length > 0 && detail.speed ? <ToneRule bands={bands} shaftHz={(detail.speed.rpm[0] ?? 0) / 60} /> : null}
      {bands.length > 0 ? <ToneTable bands={bands} /> : null}
      <Verdict
        assessment={{ ...assessment, stamp: bands.length > 0 ? "noted" : "not-done" }}
        sentences={[
          ...tonesSentences(detail, end),
          ...(geometry
            ? [
                `${geometry.balls} balls of ${formatNumber(geometry.ballDiameterMm, 2)} mm, ${geometry.isListed ? "the usual design of this size" : "estimated from the size: one ball more or fewer is possible, so the places are stretches"}.`,
                "A ball strikes both rings in a turn; an inner ring has side tones a shaft turn apart.",
              ]
            : []),
        ]}
      />
    </>
  );
}

const bandWords = ({ likelyHz, lowHz, highHz }: DefectBand): string => {
  const places = likelyHz < 20 ? 1 : 0;
  const [low, likely, high] = [lowHz, likelyHz, highHz].map((value) => formatNumber(value, places));
  return low === high ? `${likely} Hz` : `${likely} Hz, ${low} to ${high}`;
};

function ToneTable({ bands }: { bands: readonly DefectBand[] }) {
  return (
    <table className="w-full max-w-[460px] text-[15px]">
      <caption className="sr-only">Where a defect rings</caption>
      <tbody>
        {bands.map((band) => (
          <tr key={band.defect} className="border-b border-rule-faint">
            <th scope="row" className="py-1.5 text-left font-normal">
              {DEFECT_WORDS[band.defect]}
            </th>
            <td className="num py-1.5 text-right">{bandWords(band)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const WIDTH = 680;
const HEIGHT = 132;
const MARGIN = 16;
const BASE = 96;

/** Places on one scale of frequency, the shaft's own turn among them. */
function ToneRule({ bands, shaftHz }: { bands: readonly DefectBand[]; shaftHz: number }) {
  const top = Math.max(...bands.map(({ highHz }) => highHz)) * 1.15;
  const x = (hz: number): number => MARGIN + (hz / top) * (WIDTH - 2 * MARGIN);
  const power = 10 ** Math.floor(Math.log10(top / 4));
  const step = ([1, 2, 5, 10].find((m) => m * power >= top / 7) ?? 10) * power;
  const ticks = Array.from({ length: Math.floor(top / step) + 1 }, (_, index) => index * step);
  const said = bands.map((band) => `${DEFECT_WORDS[band.defect]} ${bandWords(band)}`).join("; ");
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said} className="block w-full max-w-[720px]">
      <path
        d={`M${MARGIN} ${BASE}H${WIDTH - MARGIN}${ticks.map((hz) => `M${x(hz)} ${BASE}v8`).join("")}`}
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      {ticks.map((hz) => (
        <text key={hz} x={x(hz)} y={BASE + 24} textAnchor="middle" className="num" fontSize="13" fill="var(--ink)">
          {hz}
        </text>
      ))}
      <text x={WIDTH - MARGIN} y={BASE + 34} textAnchor="end" fontSize="12" fill="var(--ink-soft)">
        Hz
      </text>
      <path d={`M${x(shaftHz)} ${BASE}V60`} stroke="var(--ink-soft)" strokeWidth="2" strokeDasharray="3 3" />
      <text x={x(shaftHz)} y={52} textAnchor="middle" fontSize="12" fill="var(--ink-soft)">
        shaft
      </text>
      {[...bands]
        .sort((a, b) => a.likelyHz - b.likelyHz)
        .map(({ defect, likelyHz, lowHz, highHz }, index) => (
          <g key={defect}>
            <rect x={x(lowHz)} y={BASE - 26} width={Math.max(0, x(highHz) - x(lowHz))} height={26} fill="var(--press-wash)" />
            <path d={`M${x(likelyHz)} ${BASE}V${index % 2 === 0 ? 34 : 16}`} stroke="var(--press)" strokeWidth="2.6" />
            <text x={x(likelyHz)} y={index % 2 === 0 ? 28 : 11} textAnchor="middle" fontSize="13" fontWeight="600" fill="var(--ink)">
              {DEFECT_WORDS[defect]}
            </text>
          </g>
        ))}
    </svg>
  );
}
