"use client";
import { measureOfSymbol } from "@/core/measure";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import type { HouseRuleSpec } from "@/core/house";
import { formatNumber, readFigure } from "@/core/quantity";
import type { RuleChange } from "@/records";
import { changedWords } from "./ChangeLog";

interface RuleFieldProps {
  readonly rule: HouseRuleSpec;
  /** what the house set; undefined while the default holds */
  readonly own: number | undefined;
  /** who set it when; null: nobody did */
  readonly changed: RuleChange | null;
  readonly onValue: (value: number | undefined) => void;
}

/** One house rule on its line: empty means the default; nonsense is refused and kept on the line. */
export function RuleField({ rule, own, changed, onValue }: RuleFieldProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const range = `Type a number from ${rule.min} to ${rule.max}${rule.unit ? ` ${rule.unit}` : ""}, or leave it empty for ${rule.fallback}.`;
  return (
    <LineField
      label={rule.label}
      text={own === undefined ? "" : formatNumber(own, 4)}
      unit={rule.unit}
      placeholder={formatNumber(rule.fallback, 4)}
      isFigure
      problem={problem}
      hint={
        own === undefined
          ? `Default ${formatNumber(rule.fallback, 4)}: ${rule.source}`
          : `House figure${changed ? `, set by ${changedWords(changed)}` : ""}; default ${formatNumber(rule.fallback, 4)}: ${rule.source}`
      }
      onText={(text) => {
        if (text.trim() === "") {
          setProblem(null);
          onValue(undefined);
          return;
        }
        const read = readFigure(text, measureOfSymbol(rule.unit), { min: rule.min, max: rule.max });
        const value = read.ok && read.value.kind === "value" ? read.value.value : null;
        setProblem(value === null ? `“${text.slice(0, 40)}” cannot be used. ${range}` : null);
        if (value !== null) onValue(value);
      }}
    />
  );
}
