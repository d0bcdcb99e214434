import { startGearStation } from "@/core/stations/start-gear";
import { startGearView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(startGearStation, startGearView, Instrument);
