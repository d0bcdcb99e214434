"use client";
import { useState } from "react";
import { PickOne, YesNo } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import type { ChoiceRule, HouseRule, NumberRule, RuleValue, YesNoRule } from "@/core/house";
import { formatNumber, readFigure } from "@/core/quantity";
import { measureOfSymbol } from "@/core/measure";
import type { RuleChange } from "@/records";
import { figureWords, hintWords } from "../vocabulary/rule-words";

interface FieldProps<Rule extends HouseRule, Value extends RuleValue> {
  readonly rule: Rule;
  /** what the house set; undefined while the default holds */
  readonly own: Value | undefined;
  readonly hint: string;
  readonly onValue: (value: Value | undefined) => void;
}

interface RuleFieldProps {
  readonly rule: HouseRule;
  readonly own: RuleValue | undefined;
  /** who set it when; null: nobody did */
  readonly changed: RuleChange | null;
  readonly onValue: (value: RuleValue | undefined) => void;
}

/** One house rule, by its kind. */
export function RuleField({ rule, own, changed, onValue }: RuleFieldProps) {
  const hint = hintWords(rule, own, changed);
  switch (rule.kind) {
    case "number":
      return <NumberField rule={rule} own={typeof own === "number" ? own : undefined} hint={hint} onValue={onValue} />;
    case "yes-no":
      return <YesNoField rule={rule} own={typeof own === "boolean" ? own : undefined} hint={hint} onValue={onValue} />;
    case "choice":
      return <ChoiceField rule={rule} own={typeof own === "string" ? own : undefined} hint={hint} onValue={onValue} />;
  }
}

/** A figure on its line: empty means the default; nonsense is refused and kept on the line. */
function NumberField({ rule, own, hint, onValue }: FieldProps<NumberRule, number>) {
  const [problem, setProblem] = useState<string | null>(null);
  const [fallback, min, max] = [rule.fallback, rule.min, rule.max].map(figureWords);
  const range = `Type a number from ${min} to ${max}${rule.unit ? ` ${rule.unit}` : ""}, or leave it empty for ${fallback}.`;
  return (
    <LineField
      label={rule.label}
      text={own === undefined ? "" : formatNumber(own, 4)}
      unit={rule.unit}
      placeholder={fallback}
      isFigure
      problem={problem}
      hint={hint}
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

/** Yes or no; pressed again it is the default's again. */
function YesNoField({ rule, own, hint, onValue }: FieldProps<YesNoRule, boolean>) {
  return (
    <div>
      <YesNo legend={rule.label} value={own ?? rule.fallback} onValue={(value) => onValue(value ?? undefined)} />
      <p className="caption mt-1">{hint}</p>
    </div>
  );
}

/** One of a few; pressed again it is the default's again. */
function ChoiceField({ rule, own, hint, onValue }: FieldProps<ChoiceRule, string>) {
  return (
    <div>
      <PickOne legend={rule.label} options={rule.options} picked={own ?? rule.fallback} onPick={(id) => onValue(id ?? undefined)} />
      <p className="caption mt-1">{hint}</p>
    </div>
  );
}
