"use client";
import { useMemo } from "react";
import Sheet from "@/components/Sheet";
import { PageLink } from "@/components/PageLink";
import { rankParts, type FitOffer } from "@/core/capacitor";
import { formatMoney } from "@/core/quantity";
import { toStockPart, type Part } from "@/records";
import { useParts } from "@/store/parts";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { PLACE_ROWS } from "./panel-fields";
import { Combinations } from "./Combinations";
import { refusalWords, REMARK_WORDS, wantedWords } from "./fit-words";
import type { CapacitorDetail, LabelDetail } from "./sentences";
import { toWanted } from "@/core/stations/capacitor";

type Props = Omit<InstrumentProps<"capacitor", CapacitorDetail>, "detail"> & { readonly detail: LabelDetail; readonly onClose: () => void };

const REFUSED_SHOWN = 8;

/** The parts list held against the place: what fits, what does not and why, and what can be made from it. */
export default function WhatFits(props: Props) {
  const { record, detail, facts, house, onClose } = props;
  const shelf = useParts();
  const wanted = toWanted(record, detail, facts);
  const lines = shelf.state === "ready" ? shelf.value : NO_PARTS;
  const stock = useMemo(() => lines.map(toStockPart).filter((part) => part !== null), [lines]);
  const offers = rankParts(wanted, stock, house.figures);
  const fitting = offers.filter(({ refusals }) => refusals.length === 0);
  const refused = offers.filter(({ refusals }) => refusals.length > 0);
  const partOf = (id: string): Part | undefined => lines.find((line) => line.id === id);
  return (
    <Sheet title="What would fit" onClose={onClose}>
      <p className="text-[15px] font-semibold">{wantedWords(wanted, facts.plateCapacitor !== null)}</p>
      <div className="mt-2 grid grid-cols-2 gap-x-4 sm:grid-cols-4">
        <Fields
          of={PLACE_ROWS}
          show={["place.strapMm", "place.heightMm", "place.ambientC", "place.coldestC", "place.terminals"]}
          given={props}
        />
      </div>
      {shelf.state === "ready" && lines.length === 0 ? (
        <p className="mt-4">
          The shelf is empty. <PageLink href="/shelf">Put your parts on it</PageLink>, then they are held against this place.
        </p>
      ) : null}
      <section aria-labelledby="fits" className="mt-4">
        <h3 id="fits" className="heading-rule">
          Fits{" "}
          <span className="caption font-normal">
            {fitting.length} of {offers.length} lines
          </span>
        </h3>
        {fitting.length === 0 && lines.length > 0 ? <p className="mt-1.5 text-[14px]">No line of the shelf fits as it is.</p> : null}
        <ul>
          {fitting.map((offer) => (
            <Offer
              key={offer.part.id}
              offer={offer}
              part={partOf(offer.part.id)}
              words={offer.remarks.map((remark) => REMARK_WORDS[remark])}
            />
          ))}
        </ul>
      </section>
      <Combinations wanted={wanted} stock={stock} house={house} nameOf={(id) => partOf(id)?.label ?? id} workingV={facts.supplyV} />
      <section aria-labelledby="refused" className="mt-4">
        <h3 id="refused" className="heading-rule">
          Does not fit, and why
        </h3>
        <ul>
          {refused.slice(0, REFUSED_SHOWN).map((offer) => (
            <Offer key={offer.part.id} offer={offer} part={partOf(offer.part.id)} words={offer.refusals.map(refusalWords)} />
          ))}
        </ul>
        {refused.length > REFUSED_SHOWN ? <p className="caption mt-1.5">and {refused.length - REFUSED_SHOWN} lines farther off</p> : null}
      </section>
      <p className="caption mt-4">
        Marked terminal to the line (run) side, so that a short to the case blows the fuse. Maker&apos;s instructions and local codes come
        first.
      </p>
    </Sheet>
  );
}
const NO_PARTS: readonly Part[] = [];

function Offer({ offer, part, words }: { offer: FitOffer; part: Part | undefined; words: readonly string[] }) {
  return (
    <li className="border-b border-rule-faint py-1.5 text-[14px]">
      <div className="flex items-baseline justify-between gap-3">
        <span className="num text-[13.5px]">{part?.label}</span>
        <span className="num text-[12.5px]">{formatMoney(offer.part.price)}</span>
      </div>
      <p className="caption">
        {[part ? `${part.maker}${part.maker && part.place ? ", " : ""}${part.place.toLowerCase()}, ${part.quantity} there` : null, ...words]
          .filter(Boolean)
          .join(" · ")}
      </p>
    </li>
  );
}
