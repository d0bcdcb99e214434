import { decideStation } from "@/core/stations/decide";
import { decideView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(decideStation, decideView, Instrument);
