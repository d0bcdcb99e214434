import { uncoupledRunStation } from "@/core/stations/uncoupled-run";
import { uncoupledRunView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(uncoupledRunStation, uncoupledRunView, Instrument);
