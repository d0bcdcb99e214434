import { takeApartStation } from "@/core/stations/take-apart";
import { takeApartView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(takeApartStation, takeApartView, Instrument);
