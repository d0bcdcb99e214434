/** A line that is put into a file, after another that is there. */
export interface AddedLine {
  readonly file: string;
  readonly after: string;
  readonly line: string;
  /** it takes the other's place */
  readonly isInstead?: true;
}

/** One thing that is added to the house: new files, whole, and lines in files that are there. */
export interface Addition {
  readonly files: Readonly<Record<string, string>>;
  readonly lines: readonly AddedLine[];
}

/** Version that rows of stations come to by what is added: one above the one they have. */
export const NEXT_STATION_VERSION = 20;
const stationRow = (version: number): string =>
  `  station: { list: "stations", version: ${version}, table: { since: 1, indexes: "id, travellerId" }, cardField: "travellerId" },`;

/** A record that belongs to a card: one file, and a row in either table. */
const noteRecord: Addition = {
  files: {
    "src/records/note-record.ts": `import * as v from "valibot";
import { EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { defineRecordType } from "./record-type";
import { TravellerIdSchema } from "./traveller";

export const noteType = defineRecordType("note", {
  schema: v.object({ id: v.string(), travellerId: TravellerIdSchema, said: textSchema("note"), updatedAt: MomentSchema }),
  blank: (id) => ({ id, travellerId: "frozen", said: "", updatedAt: EPOCH }),
  migrations: [],
});
`,
  },
  lines: [
    {
      file: "src/records/record-types.ts",
      after: `import { houseType } from "./house-record";`,
      line: `import { noteType } from "./note-record";`,
    },
    { file: "src/records/record-types.ts", after: "  part: partType,", line: "  note: noteType," },
    {
      file: "src/records/record-kinds.ts",
      after: `  part: { list: "parts", version: 5, table: { since: 2, indexes: "id" } },`,
      line: `  note: { list: "notes", version: 1, table: { since: 5, indexes: "id, travellerId" }, cardField: "travellerId" },`,
    },
  ],
};

/** A station with a fact, a caution, a migration of its own: two folders, its place and label, a row with its import in either registry and among how things are done, where it is fetched, and the records' next version. */
const smellStation: Addition = {
  files: {
    "src/core/stations/smell/index.ts": `import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment } from "../../station";
import { smellMigrations } from "./migrations";

export const smellRecord = recordOf({ isBurnt: field.yesNo(), note: field.note() });

export const smellStation = defineStation({
  definition: { id: "smell", power: "dead", minutes: 1, tests: [], cautions: ["fumes", "prove-dead"] },
  ...smellRecord,
  migrations: smellMigrations,
  ownFacts: { smellsBurnt: false },
  assess(record) {
    const stamp = record.isBurnt === null ? "not-done" : "noted";
    return plainAssessment(stamp, { isBurnt: record.isBurnt }, { facts: { smellsBurnt: record.isBurnt === true } });
  },
});
`,
    "src/core/stations/smell/migrations.ts": `import type { StationMigrations } from "../../station";

export const smellMigrations: StationMigrations = { ${NEXT_STATION_VERSION}: (data) => ({ note: "", ...data }) };
`,
    "src/features/stations/smell/index.ts": `import type { StationDetail } from "@/core/stations";
import type { StationView } from "../../station/contract";
import { said } from "../../station/said";

export const smellView: StationView<"smell", StationDetail<"smell">> = {
  cautions: { fumes: "Burnt varnish is not breathed in: air the place first." },
  say: (record) => said("means", record.isBurnt && "Smells of burnt varnish."),
};
`,
    "src/features/stations/smell/how.ts": `import type { HowSet } from "../../station/how";

const nothing = { shows: "nothing", means: "clean air" };
export const smellHow: HowSet = {
  topics: {
    smell: () => ({
      title: "Smelling",
      scene: [{ is: "motor", at: [66, 66] }],
      said: "A motor",
      steps: ["Air it.", "Smell.", "Say it."],
      good: nothing,
      bad: { shows: "burnt", means: "varnish" },
      doubtful: { shows: "dust", means: "old" },
      mistake: "A cold.",
    }),
  },
};
`,
    "src/features/stations/smell/in-hand.ts": `import { smellStation } from "@/core/stations/smell";
import { smellView } from "./index";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(smellStation, smellView, Instrument);
`,
    "src/features/stations/smell/fields.ts": `import { smellRecord } from "@/core/stations/smell";
import type { StationDetail } from "@/core/stations";
import { rowsOf } from "@/features/form/rows";
import type { InstrumentProps } from "../../station/contract";

export const ROWS = rowsOf<InstrumentProps<"smell", StationDetail<"smell">>>()(smellRecord, {
  isBurnt: { label: "Burnt" },
  note: { label: "Note" },
});
`,
    "src/features/stations/smell/Instrument.tsx": `"use client";
import type { StationDetail } from "@/core/stations";
import { Fields } from "@/features/form/Fields";
import type { InstrumentProps } from "../../station/contract";
import { ROWS } from "./fields";

export default function Instrument(props: InstrumentProps<"smell", StationDetail<"smell">>) {
  return <Fields of={ROWS} given={props} />;
}
`,
  },
  lines: [
    { file: "src/core/stations/ids.ts", after: `  "look",`, line: `  "smell",` },
    {
      file: "src/records/record-kinds.ts",
      after: stationRow(NEXT_STATION_VERSION - 1),
      line: stationRow(NEXT_STATION_VERSION),
      isInstead: true,
    },
    {
      file: "src/core/stations/registry.ts",
      after: `import { runTestStation } from "./run-test";`,
      line: `import { smellStation } from "./smell";`,
    },
    { file: "src/core/stations/registry.ts", after: "  look: lookStation,", line: "  smell: smellStation," },
    {
      file: "src/features/stations/registry.ts",
      after: `import { runTestView } from "./run-test";`,
      line: `import { smellView } from "./smell";`,
    },
    { file: "src/features/stations/registry.ts", after: "  look: lookView,", line: "  smell: smellView," },
    {
      file: "src/features/stations/hands.ts",
      after: `  look: () => import("./look/in-hand"),`,
      line: `  smell: () => import("./smell/in-hand"),`,
    },
    {
      file: "src/features/stations/hows.ts",
      after: `import { runTestHow } from "./run-test/how";`,
      line: `import { smellHow } from "./smell/how";`,
    },
    { file: "src/features/stations/hows.ts", after: "  look: lookHow,", line: "  smell: smellHow," },
    {
      file: "src/features/stations/labels.ts",
      after: `  look: { title: "Look and smell", letter: "l" },`,
      line: `  smell: { title: "Smell", letter: "1" },`,
    },
    {
      file: "src/features/stations/field-rows.ts",
      after: `import * as runTest from "./run-test/fields";`,
      line: `import * as smell from "./smell/fields";`,
    },
    { file: "src/features/stations/field-rows.ts", after: "  look: [of(look.ROWS)],", line: "  smell: [of(smell.ROWS)]," },
    { file: "src/core/traveller/spare.ts", after: "  look: {},", line: "  smell: {}," },
  ],
};

/** A sort of start gear: a row, and how it is named and drawn. */
const drumTimer: Addition = {
  files: {},
  lines: [
    {
      file: "src/core/startgear/gear-table.ts",
      after: "const GEAR_TABLE = {",
      line: `  "drum-timer": {
    usualOn: ["shaded-pole"],
    rulesOut: ["start-switch"],
    measuredAs: "relay",
    test: "relay-ohms",
    judge: ({ relay: { contact } }) => (contact === "closed" ? "works" : contact === "open" ? "contact-open" : "more-needed"),
    outcomes: RELAY_OUTCOMES,
  },`,
    },
    {
      file: "src/features/gear/gear-views.tsx",
      after: "export const GEAR_VIEWS: Readonly<Record<GearSort, GearView>> = {",
      line: `  "drum-timer": { name: "Drum timer", said: "Drum timer: contacts closed at rest", drawing: <path d="M20 60H200" {...INK} /> },`,
    },
  ],
};

/** A device of a kind that is there: one folder behind the kind's port, and where it is handed out. */
const listedMeter: Addition = {
  files: {
    "src/devices/meter/listed/listed-meter.ts": `import { ok } from "@/core/result";
import type { MeterLink, MeterSample } from "../port";

/** Tells what is listed, all at once. */
export const listedMeter = (samples: readonly MeterSample[]): MeterLink => ({
  name: "Listed figures",
  origin: "meter",
  meter: null,
  open: ({ onSample, onLost }) => {
    samples.forEach(onSample);
    onLost();
    return Promise.resolve(ok(() => undefined));
  },
});
`,
  },
  lines: [
    {
      file: "src/devices/meter/index.ts",
      after: `export { serialWire } from "./serial/serial-wire";`,
      line: `export { listedMeter } from "./listed/listed-meter";`,
    },
  ],
};

/** A field of a station: its row in the record, and how it is called. */
const sparkField: Addition = {
  files: {},
  lines: [
    { file: "src/core/stations/supply/index.ts", after: `  call: field.oneOf(CALLS),`, line: `  sparks: field.yesNo(),` },
    {
      file: "src/core/stations/supply/index.ts",
      after: `  ...supplyRecord,`,
      line: `  migrations: { ${NEXT_STATION_VERSION}: (data) => ({ sparks: null, ...data }) },`,
    },
    {
      file: "src/features/stations/supply/fields.ts",
      after: `  call: { label: "Control", words: CALL_WORDS },`,
      line: `  sparks: { label: "Sparks at the disconnect" },`,
    },
  ],
};

/** A complaint: what it is, who makes people say it, its words. */
const drips: Addition = {
  files: {},
  lines: [
    {
      file: "src/core/trade/complaints.ts",
      after: "const COMPLAINT_SPECS = {",
      line: `  drips: { kind: null, comesUp: "by-itself", asksFrame: true },`,
    },
    {
      file: "src/core/diagnosis/complaint-table.ts",
      after: "export const COMPLAINT_TABLE: Record<Complaint, ComplaintRow> = {",
      line: `  drips: { why: "Water in the motor.", leak: 0.001, given: { "ground-fault": 0.3 } },`,
    },
    {
      file: "src/features/vocabulary/complaint-words.ts",
      after: "const WORDS: Readonly<Record<Complaint, { readonly label: string; readonly plain: string }>> = {",
      line: `  drips: { label: "Drips", plain: "Water drips from it." },`,
    },
  ],
};

/** A series of bearings: one row, its sizes with their balls. */
const series630x: Addition = {
  files: {},
  lines: [
    {
      file: "src/core/bearing/dimension-table.ts",
      after: "const SERIES_TABLE = {",
      line: `  "699": { rows: [["69904", 20, 37, 17, null, [13, 4.762, 29]]], rank: 14 },`,
    },
  ],
};

/** A work that needs no part: what it is, and its words. */
const glueWork: Addition = {
  files: {},
  lines: [
    {
      file: "src/core/job/mend-table.ts",
      after: "const MEND_ROWS = {",
      line: `  "bond-magnet": { touches: ["running"], of: ["make-it-hold"], asksFrame: false, minutes: 25, proof: "quiet" },`,
    },
    {
      file: "src/features/vocabulary/mend-words.ts",
      after: "const WORDS: Readonly<Record<MendId, { readonly noted: string; readonly plain: string }>> = {",
      line: `  "bond-magnet": { noted: "Magnet bonded", plain: "A loose magnet was glued." },`,
    },
  ],
};

/** A claim: its code, who makes it, and what makes it true. */
const shaftClaim: Addition = {
  files: {},
  lines: [
    { file: "src/core/claim/codes.ts", after: `  "no-call",`, line: `  "turns-free",` },
    {
      file: "src/core/claim/claims.ts",
      after: 'const notOurs: Claims = ({ facts }) => (facts.notOurs === null ? [] : [outright("not-ours", "plate", facts.notOurs.sort)]);',
      line: `const turned: Claims = ({ stations }) => (stations["hand-turn"].stamp === "holds" ? [outright("turns-free", "hand-turn")] : []);`,
    },
    {
      file: "src/core/claim/claims.ts",
      after:
        "const ALL: readonly Claims[] = [power, notOurs, capacitor, windings, frame, insulation, gear, supply, runTest, suspects, cure, proof];",
      line: "const ALL: readonly Claims[] = [power, notOurs, turned, capacitor, windings, frame, insulation, gear, supply, runTest, suspects, cure, proof];",
      isInstead: true,
    },
    {
      file: "scripts/walk/truth.ts",
      after: `  "no-call": { of: "keyed", is: (hidden) => volts(hidden) === "no-call" },`,
      line: `  "turns-free": { of: "keyed", is: () => null },`,
    },
  ],
};

/** One example of each kind of addition. */
export const ADDITIONS = {
  record: noteRecord,
  station: smellStation,
  gear: drumTimer,
  device: listedMeter,
  field: sparkField,
  complaint: drips,
  series: series630x,
  work: glueWork,
  claim: shaftClaim,
} as const;
