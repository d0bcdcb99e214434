import { capacitorStation } from "@/core/stations/capacitor";
import { capacitorView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(capacitorStation, capacitorView, Instrument);
