"use client";
import { lazy, Suspense, useEffect, useState } from "react";
import { PageLink } from "@/components/PageLink";
import { LineField } from "@/components/LineField";
import { DEFAULT_METER, HOUSE_RULE_GROUPS, houseRule, type HouseRuleGroup, type HouseRuleId } from "@/core/house";
import type { Meter } from "@/core/quantity";
import { toHouse, withRule, type HouseRecord } from "@/records";
import { prepareToKeep } from "@/store/change-row";
import { useHouseRecord } from "@/store/house-rules";
import { usePending } from "@/store/usePending";
import { houseInHand, updateHouse } from "@/store/write-house";
import { useAddress } from "../shell/useAddress";
import { Reading, Screen } from "../shell/Screen";
import { DeviceData } from "./DeviceData";
import { ChangeLog } from "./ChangeLog";
import { MeterRules } from "./MeterRules";
import { OnThisDevice } from "./OnThisDevice";
import { RuleField } from "./RuleField";
import { ThemePicker } from "./ThemePicker";

/** Behind the rules: nobody needs it to read them. */
const MetersSection = lazy(() => import("./meters/MetersSection"));

const GROUPS: Record<HouseRuleGroup, string> = {
  capacitor: "Capacitors",
  verdict: "Verdicts",
  safety: "Safety",
  winding: "Windings",
  running: "Running",
  bearing: "Bearings and upkeep",
  money: "Prices",
  time: "Minutes a job takes",
  decision: "Deciding",
  match: "Another motor that fits",
  instruments: "Instruments owned",
  keeping: "Keeping",
  returns: "How often a work comes back",
  priors: "How often each part is at fault",
};

/** Limits, meter, prices and habits of the house. */
export function HouseRulesScreen() {
  const record = useHouseRecord();
  const address = useAddress();
  const from = ownPath(address?.get("from") ?? null);
  return (
    <Screen at="/house-rules">
      <div
        className={`flex flex-wrap items-center justify-between gap-3 ${from ? "sticky top-0 z-20 border-b border-rule bg-ground py-1" : ""}`}
      >
        <h1 className="text-[24px] font-bold">House rules</h1>
        {from ? (
          <PageLink href={from} className="btn btn-filled">
            Back to where you were
          </PageLink>
        ) : null}
      </div>
      {record === null || address === null ? <Reading /> : <HouseRules kept={record} asked={address.get("rule")} />}
    </Screen>
  );
}

/** Only pages of the program itself are gone back to. */
const ownPath = (path: string | null): string | null => (path !== null && /^\/(?![/\\])/.test(path) ? path : null);

function HouseRules({ kept, asked }: { kept: HouseRecord; asked: string | null }) {
  useEffect(prepareToKeep, []);
  useEffect(() => {
    if (asked === null) return;
    const row = document.getElementById(`rule-${asked}`);
    row?.scrollIntoView({ block: "center" });
    row?.querySelector<HTMLElement>("input")?.focus({ preventScroll: true });
  }, [asked]);
  const [record, change] = usePending(kept);
  const house = toHouse(record);
  const update = (apply: (house: HouseRecord, at: string) => HouseRecord) =>
    change(
      () => updateHouse(apply),
      (now) => houseInHand() ?? now,
    );
  const setMeter = (change: (meter: Meter) => Meter | null) =>
    update((kept) => {
      const meter = change((kept.meter as Meter | null) ?? DEFAULT_METER);
      // Only what a record keeps: the usual meter carries what is known of it here.
      return { ...kept, meter: meter ? ({ id: meter.id, name: meter.name, ranges: meter.ranges } as HouseRecord["meter"]) : null };
    });
  return (
    <div className="mt-4 grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_360px]">
      <div className="flex min-w-0 flex-col gap-8">
        {(Object.keys(HOUSE_RULE_GROUPS) as HouseRuleGroup[]).map((group) => (
          <section key={group} aria-label={GROUPS[group]}>
            <h2 className="heading-rule">{GROUPS[group]}</h2>
            <div className="mt-3 grid gap-x-8 gap-y-4 sm:grid-cols-2">
              {(Object.keys(HOUSE_RULE_GROUPS[group]) as HouseRuleId[]).map((id) => (
                <div key={id} id={`rule-${id}`} className={id === asked ? "border-l-4 border-press pl-3" : ""}>
                  <RuleField
                    rule={houseRule(id)}
                    own={record.figures[id]}
                    changed={record.changes.findLast(({ rule }) => rule === id) ?? null}
                    onValue={(value) => update((kept, at) => withRule(kept, id, value, at))}
                  />
                </div>
              ))}
            </div>
          </section>
        ))}
        <section aria-label="Meter">
          <h2 className="heading-rule">Meter</h2>
          <div className="mt-3">
            <MeterRules meter={house.meter ?? DEFAULT_METER} onMeter={setMeter} />
          </div>
        </section>
        <section aria-label="Meters on a line" id="rule-meters">
          <h2 className="heading-rule">Meters on a line</h2>
          <div className="mt-3">
            <Suspense>
              <MetersSection />
            </Suspense>
          </div>
        </section>
      </div>
      <div className="flex flex-col gap-8">
        <section aria-label="This device" className="flex flex-col gap-4">
          <h2 className="heading-rule">This device</h2>
          <ThemePicker />
          <LineField
            label="Technician"
            kind="person"
            text={house.technician}
            onText={(technician) => update((kept) => ({ ...kept, technician }))}
            placeholder="Name on new cards"
          />
          <label className="flex min-h-[44px] items-center gap-3">
            <input
              type="checkbox"
              className="h-5 w-5 accent-press"
              checked={house.hasLetterKeys}
              onChange={() => update((kept) => ({ ...kept, hasLetterKeys: !kept.hasLetterKeys }))}
            />
            One-letter keys outside fields
          </label>
        </section>
        <OnThisDevice />
        <ChangeLog changes={record.changes} />
        <DeviceData />
        <Notice />
      </div>
    </div>
  );
}

function Notice() {
  const [isShown, setShown] = useState(false);
  return (
    <section aria-label="Limits of this program">
      <h2 className="heading-rule">What it is not</h2>
      <p className="mt-2 text-[14px]">It never replaces local codes, the maker&apos;s instructions, lock-out rules or licensed practice.</p>
      <button type="button" className="btn btn-plain" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
        Licences of what ships with it
      </button>
      {isShown ? (
        <p className="text-[14px]">
          Fonts: Archivo and Martian Mono, SIL Open Font Licence 1.1. All packages and their licences are listed in{" "}
          <a className="text-press underline" href="/NOTICES.txt">
            the notices
          </a>
          .
        </p>
      ) : null}
    </section>
  );
}
