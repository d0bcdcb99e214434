import { placeSheet, type PlaceSheet } from "@/core/match";
import { Fields } from "@/features/form/Fields";
import { rowsOf, type Form } from "@/features/form/rows";

export const PLACE_ROWS = rowsOf<Form<PlaceSheet>>()(placeSheet, {
  supply: { label: "Volts there, if other than the plate's", example: "230" },
  circuit: { label: "Circuit, relay, overload bear", example: "6" },
  speedsUsed: { label: "Speeds that are connected", example: "1" },
  wheelBore: { label: "Bore of the wheel", example: "12.7 or 1/2 in" },
  roomLength: { label: "Room for the body, length", example: "200" },
  roomDiameter: { label: "Room for the body, diameter", example: "180" },
  leadLength: { label: "Wire needed to its terminals", example: "600" },
  shaft: { label: "Shaft points", words: { horizontal: "Level", up: "Up", down: "Down" } },
  hasAirOver: { label: "The machine's air passes over it" },
});
const FIGURES = ["supply", "circuit", "speedsUsed", "wheelBore", "roomLength", "roomDiameter", "leadLength"] as const;

/** The place the motor goes into: its room, its circuit, its shaft. */
export function PlaceFields(props: Form<PlaceSheet>) {
  return (
    <section aria-labelledby="place" className="flex flex-col gap-4">
      <h2 id="place" className="heading-rule">
        Its place
      </h2>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
        <Fields of={PLACE_ROWS} show={FIGURES} given={props} />
      </div>
      <Fields of={PLACE_ROWS} show={["shaft", "hasAirOver"]} given={props} in="row" />
    </section>
  );
}
