"use client";
import { Square } from "@/components/Square";
import { addressOfCase, type PassedCase } from "./passed-case";

/** A case as a square: another device that reads it begins the same case, with its story. */
export default function CaseSquare({ passed }: { passed: PassedCase }) {
  const address = addressOfCase(passed, location.origin);
  if (address === null) return <p className="text-[14px]">The story is too long for a square. Shorten it, or tell it beside the code.</p>;
  return <Square text={address} className="h-[38mm] w-[38mm] border border-rule" />;
}
