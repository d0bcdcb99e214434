"use client";
import { useState } from "react";
import * as v from "valibot";
import { NoteField } from "@/components/LineField";
import { ProfileSchema, type Profile } from "@/core/meter-line";

type PacketFraming = Extract<Profile["framing"], { readonly kind: "packets" }>;

/** Reads a layout as it is typed; a sentence where it is none. */
function readLayout(text: string): { readonly framing: PacketFraming } | { readonly problem: string } {
  let typed: unknown;
  try {
    typed = JSON.parse(text);
  } catch {
    return { problem: "This is not a layout yet: a quote, a comma or a bracket is missing. Type it as it stood." };
  }
  const read = v.safeParse(ProfileSchema.entries.framing, { ...(typed as object), kind: "packets" });
  if (read.success && read.output.kind === "packets") return { framing: read.output };
  const [issue] = read.issues ?? [];
  return {
    problem: `Look at ${issue ? (v.getDotPath(issue) ?? "it") : "it"}: it cannot be that. docs/meters.md says what may stand there.`,
  };
}

/** Where each thing stands in a packet, as data. */
export function PacketField({ framing, onFraming }: { framing: PacketFraming; onFraming: (framing: PacketFraming) => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [text, setText] = useState(() => JSON.stringify({ ...framing, kind: undefined }, null, 1));
  return (
    <div>
      <NoteField
        label="Where each thing stands in a packet"
        rows={14}
        text={text}
        onText={(typed) => {
          setText(typed);
          const read = readLayout(typed);
          setProblem("problem" in read ? read.problem : null);
          if ("framing" in read) onFraming(read.framing);
        }}
      />
      {problem ? <p className="mt-1 text-[13.5px] font-medium text-out">{problem}</p> : null}
    </div>
  );
}
