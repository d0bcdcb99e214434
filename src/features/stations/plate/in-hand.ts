import { plateStation } from "@/core/stations/plate";
import { plateView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(plateStation, plateView, Instrument);
