"use client";
import { KEPT_AS, SWAP_TABLE, type KeptPart, type SwapAction } from "@/core/exchange";
import type { MotorSheet } from "@/core/match";
import type { PartExchange } from "@/core/stations/out-in";
import { KEPT_PART_WORDS } from "@/features/vocabulary/swap-words";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { shelvePart } from "@/store/part-counts";
import { useState } from "react";
import { onCard } from "./on-card";
import type { PairProps } from "./props";

interface ToShelfProps {
  readonly action: SwapAction;
  readonly out: PartExchange["out"];
  readonly sheet: MotorSheet | null;
  readonly weighed: PairProps["weighed"];
}

/** What came out, or what is kept of it, each with one press to the shelf. */
export default function ToShelf({ action, out, sheet, weighed }: ToShelfProps) {
  const [isRefused, setRefused] = useState(false);
  const { kind } = SWAP_TABLE[action];
  const { card } = weighed;
  const noted = onCard(weighed, action);
  const put = async (what: "whole" | KeptPart): Promise<void> => {
    if (noted === null) return;
    const at = new Date().toISOString();
    const name = out.label.trim() || "Part without a label";
    const isKept = await shelvePart(
      {
        kind: what === "whole" ? kind : KEPT_AS[what],
        label: what === "whole" ? name : `${KEPT_PART_WORDS[what]} of ${name}`,
        state: what === "whole" ? "used" : "for-parts",
        place: "Truck",
        sheet: what === "whole" && kind === "motor" ? sheet : null,
        tested:
          out.reading.trim() === "" && card === null
            ? null
            : {
                at,
                cardId: card?.id ?? null,
                donor: card?.name ?? "",
                readings: out.reading.trim() === "" ? [] : [{ what: "When it came out", said: out.reading.trim() }],
              },
      },
      noted((each, moment) => ({ ...each, out: { ...each.out, shelved: { ...each.out.shelved, [what]: moment } } })),
    );
    setRefused(!isKept);
  };
  const offered: readonly ("whole" | KeptPart)[] = out.fate === "back-on-shelf" ? ["whole"] : out.kept;
  return (
    <div className="flex flex-wrap items-center gap-2">
      {offered.map((what) => {
        const words = what === "whole" ? "it" : inSentence(KEPT_PART_WORDS[what]);
        return what in out.shelved ? (
          <span key={what} role="status" className="text-[14px] text-ink-soft">
            {what === "whole" ? "On the Shelf." : `${KEPT_PART_WORDS[what]}: on the Shelf.`}
          </span>
        ) : (
          <button key={what} type="button" className="btn" onClick={() => void put(what)}>
            Put {words} on the Shelf
          </button>
        );
      })}
      {isRefused ? <p className="text-[14px] text-out">It could not be kept on this device. Try again.</p> : null}
    </div>
  );
}
