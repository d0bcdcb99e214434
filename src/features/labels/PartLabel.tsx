"use client";
import { useParts } from "@/store/parts";
import { CannotRead, Reading } from "../shell/Screen";
import { LabelPaper } from "./LabelPaper";
import { labelOfPart } from "./label-words";

const SHELF = { href: "/shelf", label: "Shelf" } as const;

/** The label of one line of the shelf. */
export default function PartLabel({ id }: { id: string }) {
  const parts = useParts();
  if (parts.state === "failed") return <CannotRead failure={parts.failure} />;
  if (parts.state !== "ready") return <Reading />;
  return <LabelPaper labels={parts.value.filter((part) => part.id === id).map(labelOfPart)} back={SHELF} />;
}
