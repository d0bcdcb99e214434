import { bearingStation } from "@/core/stations/bearing";
import { bearingView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(bearingStation, bearingView, Instrument);
