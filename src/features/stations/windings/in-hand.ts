import { windingsStation } from "@/core/stations/windings";
import { windingsView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(windingsStation, windingsView, Instrument);
