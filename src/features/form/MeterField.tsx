"use client";
import { FigureField, type FigureFieldProps } from "@/components/FigureField";
import { useFigureTarget, type FigureTarget } from "./figure-targets";

interface MeterFieldProps extends Omit<FigureFieldProps, "field"> {
  readonly takes: Omit<FigureTarget, "label">;
}

/** A figure field that a meter's line can fill. */
export const MeterField = ({ takes, ...field }: MeterFieldProps) => (
  <FigureField {...field} field={useFigureTarget({ label: field.label, ...takes })} />
);
