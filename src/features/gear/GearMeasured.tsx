"use client";
import { gearRow, type MeasuredAs } from "@/core/startgear";
import { Fields } from "@/features/form/Fields";
import { GEAR_ROWS, type GearForm } from "./gear-rows";
import { GEAR_VIEWS } from "./gear-views";

type Asked = readonly (typeof GEAR_ROWS.paths)[number][];

/** What is asked by how a sort is measured: first, in two columns, then. */
const ASKED: Readonly<
  Record<MeasuredAs, { readonly first: Asked; readonly figures: Asked; readonly then: Asked; readonly caption?: string }>
> = {
  switch: {
    first: ["switch.isCoverSeated"],
    figures: ["switch.atRest", "switch.actuated"],
    then: ["switch.travel", "switch.contacts", "switch.clicksBack"],
  },
  relay: { first: ["relay.isUnplugged"], figures: ["relay.coil", "relay.contact"], then: [] },
  ptc: { first: ["ptc.isCold"], figures: ["ptc.cold", "ptc.hot"], then: [] },
  timed: {
    first: [],
    figures: ["timed.contact"],
    then: ["timed.letsGo"],
    caption: "An ohmmeter tells only a short here. Clamp the start lead at the run test: every try two to three seconds.",
  },
};

/** What hand and meter find of one sort of start gear, on the motor or before it goes in. */
export function GearMeasured(props: GearForm) {
  const { measuredAs } = gearRow(props.sort);
  if (measuredAs === null) return null;
  const { first, figures, then, caption } = ASKED[measuredAs];
  const { relay } = GEAR_VIEWS[props.sort];
  return (
    <div className="flex flex-col gap-4">
      <Fields of={GEAR_ROWS} show={first} given={props} />
      <div className="grid grid-cols-2 gap-4">
        <Fields of={GEAR_ROWS} show={figures} given={props} />
      </div>
      {measuredAs === "relay" && relay ? <p className="caption">{relay.caption}</p> : null}
      <Fields of={GEAR_ROWS} show={then} given={props} />
      {caption ? <p className="caption">{caption}</p> : null}
    </div>
  );
}
