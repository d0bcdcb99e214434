"use client";
import { FigureField, type FigureFieldProps } from "@/components/FigureField";
import type { ReadingOrigin } from "@/core/quantity";
import { useFigureTarget, type FigureTarget } from "./figure-targets";

interface MeterFieldProps extends Omit<FigureFieldProps, "field"> {
  /** called by its label, where it has no shorter name */
  readonly takes: Omit<FigureTarget, "label"> & { readonly label?: string };
}

/** Where a figure came from that nobody keyed. */
const BY: Readonly<Partial<Record<ReadingOrigin, string>>> = {
  meter: "by meter",
  photo: "from photo",
  sound: "by sound",
  simulation: "simulated",
};

/** A figure field that a meter's line can fill; what no hand keyed says so. */
export const MeterField = ({ takes, ...field }: MeterFieldProps) => (
  <FigureField {...field} by={BY[takes.entry?.reading?.origin ?? "typed"]} field={useFigureTarget({ label: field.label, ...takes })} />
);
