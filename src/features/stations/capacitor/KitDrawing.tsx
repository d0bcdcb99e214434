import type { KitSort } from "@/core/capacitor";

const SAID: Record<KitSort, string> = {
  ptc: "PTC kit drawn across the run capacitor, in the lead of the start winding",
  "potential-relay": "Start capacitor and relay contact in series across the run capacitor; relay coil across the start winding",
};

/** Where the kit connects: line on top, common at the foot; the kit in the colour of what can be pressed. */
export function KitDrawing({ sort }: { sort: KitSort }) {
  return (
    <svg viewBox="0 0 280 200" role="img" aria-label={SAID[sort]} className="block w-full max-w-[320px]" fontSize="12">
      <g fill="none" stroke="var(--ink)" strokeWidth="1.8">
        <path d="M10 20H210M10 180H250M70 20V70M70 130V180" />
        <Winding x={70} from={70} />
        <path d="M210 20V52M210 60V92M200 52H220M200 60H220" />
        <Winding x={210} from={92} />
        <path d="M210 152V180" />
      </g>
      <g fill="none" stroke="var(--press)" strokeWidth="2.2">
        {sort === "ptc" ? (
          <path d="M210 30H254V42M254 74V84H210M246 42H262V74H246ZM242 78L266 38H272" />
        ) : (
          <path d="M210 30H254V38M254 62V66M244 66H264M244 72H264M254 72V84H210M254 38L262 58M210 94H166V110M158 110H174V136H158ZM166 136V156H210" />
        )}
      </g>
      <g fill="var(--ink)">
        <text x="10" y="14">
          Line (run)
        </text>
        <text x="10" y="196">
          Common
        </text>
        <text x="84" y="104">
          main
        </text>
        <text x="222" y="132">
          start
        </text>
        <text x="140" y="60">
          run cap.
        </text>
      </g>
      <g fill="var(--press)" fontWeight="600">
        {sort === "ptc" ? (
          <text x="226" y="108">
            PTC
          </text>
        ) : (
          <>
            <text x="224" y="100" fontSize="11">
              start cap.
            </text>
            <text x="122" y="128">
              coil
            </text>
          </>
        )}
      </g>
      {[
        [70, 20],
        [70, 180],
        [210, 180],
        [210, 30],
        [210, 84],
      ].map(([cx, cy]) => (
        <circle key={`${cx} ${cy}`} cx={cx} cy={cy} r="2.8" fill="var(--ink)" />
      ))}
    </svg>
  );
}

/** A winding as four half turns. */
function Winding({ x, from }: { x: number; from: number }) {
  return <path d={`M${x} ${from}${" c14 0 14 15 0 15".repeat(4)}`} />;
}
