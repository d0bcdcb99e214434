import { hear } from "@/core/hearing";
import type { Miss, ReferenceCase } from "./case-file";

/** What people say: ids it must be read as, and ids it must not. */
export function checkComplaints({ inputs, outputs }: ReferenceCase): Miss[] {
  const heard: readonly string[] = hear(String(inputs.text)).heard;
  const must = (outputs.must ?? []) as readonly string[];
  const mustNot = (outputs.must_not ?? []) as readonly string[];
  return [
    ...must.filter((id) => !heard.includes(id)).map((id) => ({ field: "must", expected: id, got: heard })),
    ...mustNot.filter((id) => heard.includes(id)).map((id) => ({ field: "must_not", expected: id, got: heard })),
  ];
}
