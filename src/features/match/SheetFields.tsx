"use client";
import { readSheet, type MotorSheet } from "@/core/match";
import { Fields } from "@/features/form/Fields";
import type { Form } from "@/features/form/rows";
import { PlateFromPhoto } from "../from-photo/PlateFromPhoto";
import { SHEET_ROWS } from "./sheet-rows";

interface SheetFieldsProps extends Form<MotorSheet> {
  /** the old motor's own plate stands at its station: only what a rule says is asked */
  readonly isMeasuredOnly?: boolean;
}

/** A motor's sheet: its plate, and what a rule and a look say of it. */
export function SheetFields({ record, change, isMeasuredOnly = false }: SheetFieldsProps) {
  const given = { record, change, failures: readSheet(record).failures };
  return (
    <div className="flex flex-col gap-4">
      {isMeasuredOnly ? null : (
        <div>
          <PlateFromPhoto record={record} onTake={(texts) => change((sheet) => ({ ...sheet, ...texts }))} />
        </div>
      )}
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
        {isMeasuredOnly ? null : <Fields of={SHEET_ROWS} show={["volts", "hertz", "power", "amps", "rpm"]} given={given} />}
        <Fields of={SHEET_ROWS} show={["speeds"]} given={given} />
        {isMeasuredOnly ? null : <Fields of={SHEET_ROWS} show={["capacitor"]} given={given} />}
        <Fields of={SHEET_ROWS} show={["bodyDiameter", "bodyLength", "shaftDiameter", "shaftLength", "leadLength"]} given={given} />
      </div>
      {isMeasuredOnly ? null : <Fields of={SHEET_ROWS} show={["type"]} given={given} />}
      <Fields of={SHEET_ROWS} show={["mount", "shaftForm"]} given={given} />
      <Fields of={SHEET_ROWS} show={["shaftEnds", "rotation", "seenFrom", "isReversible"]} given={given} in="row" />
      <Fields of={SHEET_ROWS} show={["enclosure"]} given={given} />
      <Fields
        of={SHEET_ROWS}
        show={["bearings", "duty", "protection", ...(isMeasuredOnly ? [] : (["phases"] as const))]}
        given={given}
        in="row"
      />
      <Fields of={SHEET_ROWS} show={["leads"]} given={given} />
    </div>
  );
}
