import { PickOne, YesNo } from "@/components/Choice";
import { PLACE_FIGURES, SHAFT_DIRECTIONS, type PlaceSheet } from "@/core/match";
import { PlainField } from "../shared/PlainField";

const DIRECTIONS = SHAFT_DIRECTIONS.map((id) => ({ id, label: { horizontal: "Level", up: "Up", down: "Down" }[id] }));
const PLACE: readonly { readonly field: keyof typeof PLACE_FIGURES; readonly label: string; readonly example: string }[] = [
  { field: "supply", label: "Volts there, if other than the plate's", example: "230" },
  { field: "circuit", label: "Circuit, relay, overload bear", example: "6" },
  { field: "speedsUsed", label: "Speeds that are connected", example: "1" },
  { field: "wheelBore", label: "Bore of the wheel", example: "12.7 or 1/2 in" },
  { field: "roomLength", label: "Room for the body, length", example: "200" },
  { field: "roomDiameter", label: "Room for the body, diameter", example: "180" },
  { field: "leadLength", label: "Wire needed to its terminals", example: "600" },
];

/** The place the motor goes into: its room, its circuit, its shaft. */
export function PlaceFields({ place, onPlace }: { place: PlaceSheet; onPlace: (apply: Partial<PlaceSheet>) => void }) {
  return (
    <section aria-labelledby="place" className="flex flex-col gap-4">
      <h2 id="place" className="heading-rule">
        Its place
      </h2>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
        {PLACE.map(({ field, label, example }) => (
          <PlainField
            key={field}
            label={label}
            field={PLACE_FIGURES[field]}
            text={place[field]}
            example={example}
            onText={(text) => onPlace({ [field]: text })}
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne legend="Shaft points" options={DIRECTIONS} picked={place.shaft} onPick={(shaft) => onPlace({ shaft })} />
        <YesNo legend="The machine's air passes over it" value={place.hasAirOver} onValue={(hasAirOver) => onPlace({ hasAirOver })} />
      </div>
    </section>
  );
}
