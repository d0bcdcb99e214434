"use client";
import { isStationId } from "@/core/stations";
import { parseTravellerId } from "@/records";
import { useCardRows } from "@/store/card-rows";
import { database } from "@/store/database";
import { useHouseRow } from "@/store/house-row";
import { NoCard } from "../shell/NothingHere";
import { CannotRead, Reading } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { fetchHand } from "../stations/hands";
import { Traveller } from "./Traveller";

// What is needed next is on its way while the page comes to life.
if (typeof location !== "undefined") {
  const first = new URLSearchParams(location.search).get("station");
  if (isStationId(first)) void fetchHand(first);
  database();
}

/** The traveller named in the address: loading, missing, or there. */
export function TravellerScreen() {
  const address = useAddress();
  const id = parseTravellerId(address?.get("id") ?? null);
  const card = useCardRows(id);
  const house = useHouseRow();
  if (address === null) return <Reading />;
  if (card.state === "failed") return <CannotRead failure={card.failure} />;
  if (id === null || card.state === "missing") return <NoCard at="/traveller" />;
  if (card.state === "loading" || house === null) return <Reading />;
  return <Traveller key={id} card={card.value} house={house} first={address.get("station")} firstMethod={address.get("method")} />;
}
