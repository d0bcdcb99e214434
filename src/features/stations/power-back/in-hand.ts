import { powerBackStation } from "@/core/stations/power-back";
import { powerBackView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(powerBackStation, powerBackView, Instrument);
