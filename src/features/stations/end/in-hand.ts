import { endStation } from "@/core/stations/end";
import { endView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(endStation, endView, Instrument);
