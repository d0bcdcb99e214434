"use client";
import { FigureField, type FigureFieldProps } from "@/components/FigureField";
import { useFigureTarget, type FigureTarget } from "./figure-targets";

interface MeterFieldProps extends Omit<FigureFieldProps, "field"> {
  /** called by its label, where it has no shorter name */
  readonly takes: Omit<FigureTarget, "label"> & { readonly label?: string };
}

/** A figure field that a meter's line can fill. */
export const MeterField = ({ takes, ...field }: MeterFieldProps) => (
  <FigureField {...field} field={useFigureTarget({ label: field.label, ...takes })} />
);
