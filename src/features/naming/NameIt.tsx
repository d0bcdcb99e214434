"use client";
import { NameFields, type NameFieldsProps } from "./NameFields";

/** Asks for the names where nobody said them. `why`: said above them. */
export default function NameIt({ why, className, ...fields }: NameFieldsProps & { readonly why: string; readonly className: string }) {
  return (
    <div className={className}>
      <p className="text-[14px]">{why}</p>
      <NameFields {...fields} />
    </div>
  );
}
