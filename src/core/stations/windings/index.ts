import * as v from "valibot";
import type { Finding } from "../../diagnosis";
import { EntrySchema, formatNumber, type Entry } from "../../quantity";
import { identifyThreeLeads, LEAD_PAIRS, roleFromName, type PairReading, type ThreeLeadAnswer } from "../../winding";
import { defineStation, plainAssessment, type Stamp, type StationContext, type WorkingStep } from "../contract";
import { NoteSchema } from "../fields";

const LeadNameSchema = v.pipe(v.string(), v.maxLength(40));

const schema = v.object({
  leads: v.tuple([LeadNameSchema, LeadNameSchema, LeadNameSchema]),
  /** readings of the pairs 1–2, 2–3, 1–3 */
  pairs: v.tuple([v.nullable(EntrySchema), v.nullable(EntrySchema), v.nullable(EntrySchema)]),
  /** test leads held together, measured once and subtracted from every reading */
  testLeads: v.nullable(EntrySchema),
  note: NoteSchema,
});
export type WindingsRecord = v.InferOutput<typeof schema>;

export interface WindingsDetail {
  readonly answer: ThreeLeadAnswer;
  readonly measured: number;
  readonly leadNames: readonly [string, string, string];
  /** lowest reading is under the value where test leads decide the answer, and they were not measured */
  readonly isNullWanted: boolean;
  readonly testLeadOhm: number;
  readonly isNulled: boolean;
}

/** A reading as the winding sums take it; `>550M` is no path as much as `OL` is. */
export function toPairReading(entry: Entry | null): PairReading | null {
  const reading = entry?.reading;
  if (!reading) return null;
  if (reading.kind !== "value" || reading.value === null) return { kind: "open" };
  return { kind: "ohms", ohm: reading.value, standardUncertainty: reading.standardUncertainty ?? 0 };
}

const STAMPS: Record<ThreeLeadAnswer["kind"], Stamp> = {
  "need-more": "not-done",
  named: "holds",
  "equal-windings": "noted",
  "common-unclear": "too-close",
  "sum-off": "too-close",
  "impossible-open": "too-close",
  "lead-open": "out",
  "all-open": "out",
  shorted: "out",
  "all-near-zero": "too-close",
};

function stampOf(answer: ThreeLeadAnswer): Stamp {
  return answer.kind === "named" && answer.sum.decision !== "holds" ? "too-close" : STAMPS[answer.kind];
}

/** What an open lead may be when nobody knows which lead it is. */
function findingsOf(answer: ThreeLeadAnswer): Finding[] {
  switch (answer.kind) {
    case "named":
    case "equal-windings":
      return [{ test: "winding-ohms", weights: { good: 1 } }];
    case "lead-open": {
      const weights = {
        common: { "common-open": 1 },
        run: { "main-open": 1 },
        start: { "start-open": 1 },
        unknown: { "common-open": 1, "main-open": 1, "start-open": 1 },
      }[answer.role ?? "unknown"];
      return [{ test: "winding-ohms", weights }];
    }
    case "shorted":
      return [{ test: "winding-ohms", weights: { shorted: 1 } }];
    case "all-open":
      return [{ test: "winding-ohms", weights: { "common-open": 1, "main-open": 1, "start-open": 1 } }];
    case "need-more":
    case "common-unclear":
    case "sum-off":
    case "impossible-open":
    case "all-near-zero":
      return [];
  }
}

function sumWorking(answer: ThreeLeadAnswer, { house }: StationContext, leadOhm: number): WorkingStep[] {
  if (!("sum" in answer)) return [];
  const { sum } = answer;
  const ohm = (value: number): string => `${formatNumber(value, 2)} Ω`;
  return [
    {
      what: "Sum check",
      formula: "smallest + middle − largest − test leads ≈ 0",
      numbers: `${ohm(sum.sumOfOthersOhm)} − ${ohm(sum.largestOhm)} − ${ohm(leadOhm)} = ${ohm(sum.mismatchOhm)}`,
      result: `${formatNumber(Math.abs(sum.mismatchOhm) / sum.standardUncertaintyOhm, 1)} standard uncertainties (u = ${ohm(sum.standardUncertaintyOhm)}); holds up to ${formatNumber(house.coverageFactor, 1)}`,
      source: "series resistance; JCGM 100:2008, 5.1.2",
    },
    {
      what: "Naming",
      formula: "largest = run to start, so the third lead is common; from common, the smaller is run",
      numbers: `largest ${ohm(sum.largestOhm)}`,
      result: answer.kind === "named" ? `run ${ohm(answer.runOhm)}, start ${ohm(answer.startOhm)}` : "not settled",
      source: "Hughes, Electric Motors and Drives, ch. 6",
    },
  ];
}

/** Three leads, three readings: who is common, run and start, and what is wrong if the pattern is not sound. */
export const windingsStation = defineStation({
  definition: {
    id: "windings",
    power: "dead",
    minutes: 5,
    tests: ["winding-ohms"],
    cautions: ["motor-at-rest", "pressurised-terminals"],
  },
  schema,
  blank: { leads: ["A", "B", "C"], pairs: [null, null, null], testLeads: null, note: "" } as WindingsRecord,
  assess(record, context) {
    const { house } = context;
    const nulled = record.testLeads?.reading?.kind === "value" ? record.testLeads.reading : null;
    const testLeadOhm = nulled?.value ?? house.leadResistanceOhm;
    const pairs = record.pairs.map(toPairReading) as [PairReading | null, PairReading | null, PairReading | null];
    const answer = identifyThreeLeads({
      pairs,
      marks: [roleFromName(record.leads[0]), roleFromName(record.leads[1]), roleFromName(record.leads[2])],
      leadOhm: testLeadOhm,
      // Once measured, what is left of the leads is how well they are pressed on, and the meter's last digit.
      leadStandardOhm: nulled ? house.leadSpreadOhm / 2 : house.leadSpreadOhm,
      nearZeroOhm: house.nearZeroOhm,
      coverageFactor: house.coverageFactor,
    });
    const measured = pairs.filter((pair) => pair !== null).length;
    const lowest = Math.min(...pairs.flatMap((pair) => (pair?.kind === "ohms" ? [pair.ohm] : [])));
    const detail: WindingsDetail = {
      answer,
      measured,
      leadNames: record.leads,
      isNullWanted: nulled === null && lowest < house.lowOhmCaution,
      testLeadOhm,
      isNulled: nulled !== null,
    };
    return plainAssessment(stampOf(answer), detail, {
      facts: { leadNames: record.leads },
      findings: findingsOf(answer),
      working: sumWorking(answer, context, testLeadOhm),
    });
  },
});

export { LEAD_PAIRS };
