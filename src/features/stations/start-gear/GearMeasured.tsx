"use client";
import { PickOne, YesNo } from "@/components/Choice";
import type { Entry, Slip } from "@/core/quantity";
import { gearRow, type GearMeasures, type GearSort, type LetsGo } from "@/core/startgear";
import type { House } from "@/records";
import { EntryField } from "../shared/EntryField";
import { GEAR_VIEWS } from "./gear-views";

const TRAVELS = [
  { id: "moves", label: "Moves freely" },
  { id: "gummed", label: "Gummed, slow" },
  { id: "not-pressed", label: "Disc not pressed" },
] as const;
const CONTACTS = [
  { id: "clean", label: "Clean" },
  { id: "dirty", label: "Dirty, pitted" },
  { id: "burnt", label: "Burnt away" },
] as const;

const LETS_GO_OPTIONS: readonly { readonly id: LetsGo; readonly label: string }[] = [
  { id: "in-time", label: "End within a second" },
  { id: "late", label: "End late" },
  { id: "never", label: "Stay" },
  { id: "no-start", label: "Never flow" },
];

interface GearMeasuredProps {
  readonly sort: GearSort;
  readonly measures: GearMeasures;
  readonly house: House;
  readonly coilSlip: Slip | null;
  readonly onMeasures: (apply: (measures: GearMeasures) => GearMeasures) => void;
}

/** What hand and meter find of one sort of start gear, on the motor or before it goes in. */
export function GearMeasured({ sort, measures, house, coilSlip, onMeasures }: GearMeasuredProps) {
  const field = (label: string, entry: Entry | null, onEntry: (entry: Entry | null) => void) => (
    <EntryField
      label={label}
      quantity="resistance"
      entry={entry}
      house={house}
      slip={entry !== null && entry === measures.relay.coil ? coilSlip : null}
      slipWhy="a potential relay's coil"
      onEntry={onEntry}
    />
  );
  const { switch: gear, relay, ptc, timed } = measures;
  const setSwitch = (part: Partial<typeof gear>) => onMeasures((r) => ({ ...r, switch: { ...r.switch, ...part } }));
  const setRelay = (part: Partial<typeof relay>) => onMeasures((r) => ({ ...r, relay: { ...r.relay, ...part } }));
  const setPtc = (part: Partial<typeof ptc>) => onMeasures((r) => ({ ...r, ptc: { ...r.ptc, ...part } }));
  const setTimed = (part: Partial<typeof timed>) => onMeasures((r) => ({ ...r, timed: { ...r.timed, ...part } }));
  const grid = "grid grid-cols-2 gap-4";
  const { relay: names } = GEAR_VIEWS[sort];
  switch (gearRow(sort).measuredAs) {
    case "switch":
      return (
        <div className="flex flex-col gap-4">
          <YesNo
            legend="Cover and end bell seated all round"
            value={gear.isCoverSeated}
            onValue={(isCoverSeated) => setSwitch({ isCoverSeated })}
          />
          <div className={grid}>
            {field("At rest", gear.atRest, (atRest) => setSwitch({ atRest }))}
            {field("Actuated by hand", gear.actuated, (actuated) => setSwitch({ actuated }))}
          </div>
          <PickOne legend="Weights and disc" options={TRAVELS} picked={gear.travel} onPick={(travel) => setSwitch({ travel })} />
          <PickOne legend="Contacts" options={CONTACTS} picked={gear.contacts} onPick={(contacts) => setSwitch({ contacts })} />
          <YesNo legend="Clicks back when the motor stops" value={gear.clicksBack} onValue={(clicksBack) => setSwitch({ clicksBack })} />
        </div>
      );
    case "relay":
      return (
        <div className="flex flex-col gap-4">
          <YesNo legend="Unplugged from the circuit" value={relay.isUnplugged} onValue={(isUnplugged) => setRelay({ isUnplugged })} />
          <div className={grid}>
            {field(`Coil ${names?.coil ?? ""}`.trim(), relay.coil, (coil) => setRelay({ coil }))}
            {field(`Contacts ${names?.contact ?? ""}`.trim(), relay.contact, (contact) => setRelay({ contact }))}
          </div>
          {names ? <p className="caption">{names.caption}</p> : null}
        </div>
      );
    case "ptc":
      return (
        <div className="flex flex-col gap-4">
          <YesNo legend="Cold: ten minutes or more off" value={ptc.isCold} onValue={(isCold) => setPtc({ isCold })} />
          <div className={grid}>
            {field("Cold", ptc.cold, (cold) => setPtc({ cold }))}
            {field("Hot, just after a run", ptc.hot, (hot) => setPtc({ hot }))}
          </div>
        </div>
      );
    case "timed":
      return (
        <div className="flex flex-col gap-4">
          <div className={grid}>{field("Contact at rest, out of circuit", timed.contact, (contact) => setTimed({ contact }))}</div>
          <PickOne
            legend="Amps of the start winding, while it starts"
            options={LETS_GO_OPTIONS}
            picked={timed.letsGo}
            onPick={(letsGo) => setTimed({ letsGo })}
          />
          <p className="caption">
            An ohmmeter tells only a short here. Clamp the start lead at the run test: every try two to three seconds.
          </p>
        </div>
      );
    case null:
      return null;
  }
}
