import { lookStation } from "@/core/stations/look";
import { lookView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(lookStation, lookView, Instrument);
