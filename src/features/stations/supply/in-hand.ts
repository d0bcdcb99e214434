import { supplyStation } from "@/core/stations/supply";
import { supplyView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(supplyStation, supplyView, Instrument);
