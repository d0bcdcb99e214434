"use client";
import { MEASURES, type MeasureId } from "@/core/measure";
import { PLAIN_FIELDS, readPlain, type PlainFieldId } from "@/core/station";
import { LineField } from "@/components/LineField";
import { toSentence } from "@/features/messages/failure-sentences";

interface PlainFieldProps {
  readonly label: string;
  readonly field: PlainFieldId;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly example?: string;
  /** what counts while nothing is typed */
  readonly known?: string;
  /** where the field's unit needs another word */
  readonly unit?: string;
}

/** One plain figure: any usual unit is converted, what cannot be read is kept and told under the line. */
export function PlainField({ label, field, text, onText, example, known, unit }: PlainFieldProps) {
  const { failure } = readPlain(text, field);
  const measure: MeasureId = PLAIN_FIELDS[field].measure;
  return (
    <LineField
      label={label}
      unit={unit ?? (MEASURES[measure].symbol || undefined)}
      isFigure
      text={text}
      example={example}
      known={known}
      problem={failure ? toSentence(failure) : null}
      onText={onText}
    />
  );
}
