import { assessTraveller, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { NO_STUDY } from "@/core/study";
import { HOUSE } from "@/core/technicians/job";
import { CARD_RELATIONS } from "../relations/card-relations";
import { walkedJobs } from "../support/walked-jobs";

const walked = walkedJobs(101, 100);
const RELATED = 80;

const before = new Map<StationEntries, TravellerAssessment>();
/** Each card as it was walked is assessed once for all relations. */
function assessed(entries: StationEntries): TravellerAssessment {
  const found = before.get(entries) ?? assessTraveller(entries, HOUSE, [], NO_STUDY);
  before.set(entries, found);
  return found;
}

describe.each(CARD_RELATIONS.map((relation) => [relation.name, relation] as const))("%s", (_, { change, differs }) => {
  test("changes nothing that it must not", () => {
    let changed = 0;
    const faults = walked.slice(0, RELATED).flatMap(({ job: { entries, seed } }) => {
      const other = change(entries);
      if (other === null) return [];
      changed += 1;
      return differs(assessed(entries), assessTraveller(other, HOUSE, [], NO_STUDY)).map((what) => `${seed}: ${what}`);
    });
    expect(faults).toEqual([]);
    expect(changed).toBeGreaterThan(2);
  });
});
