"use client";
import { useState } from "react";
import { PageLink } from "@/components/PageLink";
import { LineField } from "@/components/LineField";
import { openPage } from "@/components/open-page";
import type { Traveller } from "@/records";
import { removeTraveller } from "@/store/write-card";
import { updateTraveller } from "@/store/write";
import { Places } from "../shell/AppHeader";
import { NameFields } from "../naming/NameFields";
import SpareToShelf from "../spare/SpareToShelf";
import { ExportButton } from "../files/ExportButton";

/** Names, export, print, removal: what can be done with the card as a whole. */
export default function CardActions({ traveller }: { traveller: Traveller }) {
  const [isSure, setSure] = useState(false);
  return (
    <div className="flex flex-col gap-5">
      <Places at="/traveller" />
      <NameFields id={traveller.id} names={traveller} onNames={(names) => void updateTraveller(traveller.id, names)} />
      <LineField
        label="Technician"
        text={traveller.technician}
        onText={(technician) => void updateTraveller(traveller.id, { technician })}
      />
      <div className="flex flex-wrap gap-2">
        <ExportButton what={traveller.id} label="Export this card" />
        {/* A whole page, so that the print view starts from what is kept. */}
        <PageLink className="btn" href={`/motor?card=${traveller.id}`}>
          All visits of this motor
        </PageLink>
        <a className="btn" href={`/print?id=${traveller.id}`}>
          Print view
        </a>
        <a className="btn" href={`/print?id=${traveller.id}&view=customer`}>
          Page for the customer
        </a>
        <a className="btn" href={`/print?id=${traveller.id}&view=label`}>
          Labels
        </a>
      </div>
      <SpareToShelf id={traveller.id} />
      <div className="flex flex-wrap items-center gap-3 border-t border-rule pt-4">
        {isSure ? (
          <>
            <p className="min-w-0 flex-1">Remove this card and everything keyed on it?</p>
            <button
              type="button"
              className="btn border-out text-out"
              onClick={() => void removeTraveller(traveller.id).then((undo) => (undo ? openPage("/") : undefined))}
            >
              Remove for good
            </button>
            <button type="button" className="btn" onClick={() => setSure(false)}>
              Keep it
            </button>
          </>
        ) : (
          <button type="button" className="btn btn-plain text-out" onClick={() => setSure(true)}>
            Remove this card
          </button>
        )}
      </div>
    </div>
  );
}
