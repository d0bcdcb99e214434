import { insulationStation } from "@/core/stations/insulation";
import { insulationView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(insulationStation, insulationView, Instrument);
