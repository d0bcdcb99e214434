"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import {
  RATED_DUTIES,
  BEARING_SORTS,
  ENCLOSURES,
  MOUNTS,
  NAMED_TYPES,
  PROTECTIONS,
  readSheet,
  SHAFT_FORMS,
  type MotorSheet,
  type SheetText,
} from "@/core/match";
import { ROTATIONS, SEEN_FROM } from "@/core/motor";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import {
  BEARING_SORT_WORDS,
  DUTY_WORDS,
  ENCLOSURE_WORDS,
  MOUNT_WORDS,
  PROTECTION_WORDS,
  ROTATION_WORDS,
  SEEN_FROM_WORDS,
  SHAFT_FORM_WORDS,
} from "@/features/vocabulary/match-words";
import { MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

const options = <T extends string>(ids: readonly T[], words: Record<T, string>) => ids.map((id) => ({ id, label: words[id] }));

interface TextSpec {
  readonly field: SheetText;
  readonly label: string;
  readonly unit?: string;
  readonly placeholder: string;
}

const PLATE: readonly TextSpec[] = [
  { field: "volts", label: "Volts", unit: "V", placeholder: "208-230 or 115/230" },
  { field: "hertz", label: "Hertz", unit: "Hz", placeholder: "60" },
  { field: "power", label: "Power", placeholder: "1/3 hp" },
  { field: "amps", label: "Full-load amps", unit: "A", placeholder: "2.4" },
  { field: "rpm", label: "Speed", unit: "rpm", placeholder: "1075" },
  { field: "speeds", label: "Number of speeds", placeholder: "3" },
  { field: "capacitor", label: "Capacitor it needs", placeholder: "10 µF 370 V, or none" },
];
const MEASURED: readonly TextSpec[] = [
  { field: "bodyDiameter", label: "Body diameter", unit: "mm", placeholder: "142 or 5 5/8 in" },
  { field: "bodyLength", label: "Body length", unit: "mm", placeholder: "150" },
  { field: "shaftDiameter", label: "Shaft diameter", unit: "mm", placeholder: "12.7 or 1/2 in" },
  { field: "shaftLength", label: "Shaft length", unit: "mm", placeholder: "108" },
  { field: "leadLength", label: "Lead length", unit: "mm", placeholder: "600" },
];

const ENDS = [
  { id: "1", label: "One" },
  { id: "2", label: "Two" },
] as const;
const PHASES = [
  { id: "1", label: "One" },
  { id: "3", label: "Three" },
] as const;

interface SheetFieldsProps {
  readonly sheet: MotorSheet;
  readonly onSheet: (change: (sheet: MotorSheet) => MotorSheet) => void;
  /** what the card knows already, shown where nothing is typed */
  readonly known?: Readonly<Partial<Record<SheetText, string>>>;
  /** the old motor's own plate stands at its station: only what a rule says is asked */
  readonly isMeasuredOnly?: boolean;
}

/** A motor's sheet: its plate, and what a rule and a look say of it. */
export function SheetFields({ sheet, onSheet, known = {}, isMeasuredOnly = false }: SheetFieldsProps) {
  const { failures } = readSheet(sheet);
  const set = <Field extends keyof MotorSheet>(field: Field, value: MotorSheet[Field]) => onSheet((now) => ({ ...now, [field]: value }));
  const line = ({ field, label, unit, placeholder }: TextSpec) => {
    const failure = failures[field];
    return (
      <LineField
        key={field}
        label={label}
        unit={unit}
        isFigure
        text={sheet[field]}
        example={placeholder}
        known={known[field]}
        problem={failure ? toMachineSentence(failure) : null}
        onText={(text) => set(field, text)}
      />
    );
  };
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
        {[...(isMeasuredOnly ? PLATE.filter(({ field }) => field === "speeds") : PLATE), ...MEASURED].map(line)}
      </div>
      {isMeasuredOnly ? null : (
        <PickOne legend="Type" options={options(NAMED_TYPES, MOTOR_TYPE_WORDS)} picked={sheet.type} onPick={(type) => set("type", type)} />
      )}
      <PickOne legend="Mount" options={options(MOUNTS, MOUNT_WORDS)} picked={sheet.mount} onPick={(mount) => set("mount", mount)} />
      <PickOne
        legend="Shaft, where the wheel sits"
        options={options(SHAFT_FORMS, SHAFT_FORM_WORDS)}
        picked={sheet.shaftForm}
        onPick={(form) => set("shaftForm", form)}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne
          legend="Shaft ends"
          options={ENDS}
          picked={sheet.shaftEnds === null ? null : sheet.shaftEnds === 2 ? "2" : "1"}
          onPick={(ends) => set("shaftEnds", ends === null ? null : ends === "2" ? 2 : 1)}
        />
        <PickOne
          legend="Turns"
          options={options(ROTATIONS, ROTATION_WORDS)}
          picked={sheet.rotation}
          onPick={(way) => set("rotation", way)}
        />
        <PickOne
          legend="Seen"
          options={options(SEEN_FROM, SEEN_FROM_WORDS)}
          picked={sheet.seenFrom}
          onPick={(from) => set("seenFrom", from ?? "shaft-end")}
        />
        <YesNo legend="Can be reversed" value={sheet.isReversible} onValue={(is) => set("isReversible", is)} />
      </div>
      <PickOne
        legend="Enclosure"
        options={options(ENCLOSURES, ENCLOSURE_WORDS)}
        picked={sheet.enclosure}
        onPick={(enclosure) => set("enclosure", enclosure)}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne
          legend="Bearings"
          options={options(BEARING_SORTS, BEARING_SORT_WORDS)}
          picked={sheet.bearings}
          onPick={(sort) => set("bearings", sort)}
        />
        <PickOne legend="Duty" options={options(RATED_DUTIES, DUTY_WORDS)} picked={sheet.duty} onPick={(duty) => set("duty", duty)} />
        <PickOne
          legend="Thermal protection"
          options={options(PROTECTIONS, PROTECTION_WORDS)}
          picked={sheet.protection}
          onPick={(protection) => set("protection", protection)}
        />
        {isMeasuredOnly ? null : (
          <PickOne
            legend="Phases"
            options={PHASES}
            picked={sheet.phases === null ? null : sheet.phases === 3 ? "3" : "1"}
            onPick={(phases) => set("phases", phases === null ? null : phases === "3" ? 3 : 1)}
          />
        )}
      </div>
      <LineField
        label="Leads, roles and colours"
        text={sheet.leads}
        placeholder="common, run, start; high, low"
        onText={(leads) => set("leads", leads)}
      />
    </div>
  );
}
