import { typedFigure } from "@/core/quantity";
import type { GearMeasures } from "@/core/startgear";

/** Everything that was read of start gear, as it was typed, on one line. */
export const gearReadings = ({ switch: gear, relay, ptc, timed }: GearMeasures): string =>
  (
    [
      ["at rest", gear.atRest],
      ["actuated", gear.actuated],
      ["coil", relay.coil],
      ["contacts", relay.contact],
      ["cold", ptc.cold],
      ["hot", ptc.hot],
      ["contact", timed.contact],
    ] as const
  )
    .flatMap(([name, entry]) => (entry?.reading ? [`${name} ${typedFigure(entry)}`] : []))
    .join(", ");
