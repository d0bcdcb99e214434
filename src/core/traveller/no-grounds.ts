import { NO_FACTS } from "../facts";
import type { HouseFigures } from "../house";
import type { Study } from "../study";
import type { Grounds } from "./assess-station";

/**
 * What a station has to go on with no card: nothing but the house, and whoever answers long questions.
 * @param house house rules in force
 * @param study who answers the questions that take long
 * @returns the grounds of a quick check
 */
export const noGrounds = (house: HouseFigures, study: Study): Grounds => ({
  facts: NO_FACTS,
  house,
  earlier: [],
  findings: [],
  study,
});
