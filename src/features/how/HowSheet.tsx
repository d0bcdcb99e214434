"use client";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { PageLink } from "@/components/PageLink";
import Sheet from "@/components/Sheet";
import type { HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";
import { useHouse } from "@/store/house-rules";
import { HOWS, topicAt } from "../stations/hows";
import { RuleLinks } from "../working/RuleLinks";
import { HowTopic } from "./HowTopic";

interface HowSheetProps {
  readonly station: StationId;
  readonly method: string | null;
  readonly record: unknown;
  readonly rules: readonly HouseRuleId[];
  readonly onClose: () => void;
}

/** How the work in hand is done; the station's other topics can be picked. */
export default function HowSheet({ station, method, record, rules, onClose }: HowSheetProps) {
  const house = useHouse();
  const [picked, setPicked] = useState(() => topicAt(station, method, record));
  const { topics } = HOWS[station];
  if (house === null) return null;
  const how = topics[picked]?.(house.figures);
  const options = Object.entries(topics).map(([id, topic]) => ({ id, label: topic(house.figures).title }));
  return (
    <Sheet title="How it is done" onClose={onClose}>
      <div className="flex flex-col gap-4">
        {options.length > 1 ? (
          <PickOne legend="Work" options={options} picked={picked} onPick={(id) => setPicked(id ?? picked)} />
        ) : (
          <h3 className="text-[17px] font-bold">{how?.title}</h3>
        )}
        {how ? <HowTopic how={how} /> : null}
        <RuleLinks judgedBy={{ station, rules }} house={house} />
        <p className="caption">
          Local codes, the maker&apos;s instructions and lock-out rules come first.{" "}
          <PageLink href="/print?view=booklet" className="text-press underline">
            All of it as a booklet
          </PageLink>
        </p>
      </div>
    </Sheet>
  );
}
