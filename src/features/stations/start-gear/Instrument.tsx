"use client";
import { GEAR_SORTS, gearRow, isGearOn, type GearSort } from "@/core/startgear";
import { PickOne, YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import type { Entry } from "@/core/quantity";
import { type StartGearRecord } from "@/core/stations/start-gear";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { GEAR_VIEWS } from "./gear-views";
import { GearDrawing } from "./GearDrawing";
import { type Detail, sentences } from "./words";

type Props = InstrumentProps<"start-gear", Detail>;
type Field = (label: string, entry: Entry | null, onEntry: (entry: Entry | null) => void) => React.ReactNode;

const SORTS = GEAR_SORTS.map((id) => ({ id, label: GEAR_VIEWS[id].name }));
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

export default function Instrument({ record, assessment, facts, house, change }: Props) {
  const { detail } = assessment;
  const field: Field = (label, entry, onEntry) => (
    <EntryField
      label={label}
      quantity="resistance"
      entry={entry}
      house={house}
      slip={entry !== null && entry === record.relay.coil ? detail.coilSlip : null}
      slipWhy="a potential relay's coil"
      onEntry={onEntry}
    />
  );
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="What brings the start winding in"
        options={SORTS.filter(({ id }) => id === record.sort || isGearOn(id, facts.machineKind))}
        picked={record.sort}
        onPick={(sort) => change((r) => ({ ...r, sort }))}
      />
      {record.sort && gearRow(record.sort).measuredAs !== null ? (
        <div className="beside-pad">
          <div className="grid min-w-0 content-start gap-5 sm:grid-cols-[220px_1fr]">
            <GearDrawing sort={record.sort} />
            <Measured sort={record.sort} record={record} change={change} field={field} />
          </div>
          <KeyPad extras={PAD_EXTRAS.resistance} />
        </div>
      ) : null}
      <Verdict assessment={assessment} sentences={sentences(detail)} />
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}

function Measured({ sort, record, change, field }: { sort: GearSort; record: StartGearRecord; change: Props["change"]; field: Field }) {
  const { switch: gear, relay, ptc } = record;
  const setSwitch = (part: Partial<typeof gear>) => change((r) => ({ ...r, switch: { ...r.switch, ...part } }));
  const setRelay = (part: Partial<typeof relay>) => change((r) => ({ ...r, relay: { ...r.relay, ...part } }));
  const setPtc = (part: Partial<typeof ptc>) => change((r) => ({ ...r, ptc: { ...r.ptc, ...part } }));
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
    case null:
      return null;
  }
}
