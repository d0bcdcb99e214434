"use client";
import { LineField } from "@/components/LineField";
import type { TravellerId } from "@/records";
import { useMotorNames, type MotorNames } from "@/store/motor-names";

export interface NameFieldsProps {
  readonly id: TravellerId;
  readonly names: MotorNames;
  readonly onNames: (names: Partial<MotorNames>) => void;
}

/** What the machine is called and where it stands; motors seen before are offered while it is typed. */
export function NameFields({ id, names, onNames }: NameFieldsProps) {
  const offered = useMotorNames(names, id);
  return (
    <div className="flex flex-col gap-2">
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <LineField label="Machine" text={names.machine} onText={(machine) => onNames({ machine })} example="Proofing-cabinet blower" />
        <LineField label="Site" text={names.site} onText={(site) => onNames({ site })} example="Pell Street Bakery" />
      </div>
      {offered.length > 0 ? (
        <ul aria-label="Seen before" className="flex flex-wrap gap-2">
          {offered.map((motor) => (
            <li key={`${motor.machine} ${motor.site}`}>
              <button type="button" className="btn text-left" onClick={() => onNames(motor)}>
                {[motor.machine, motor.site].filter(Boolean).join(" · ")}
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}
