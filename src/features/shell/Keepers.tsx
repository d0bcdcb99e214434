"use client";
import { KeepSummaries } from "../cards/KeepSummaries";
import { KeepTeam } from "../team/KeepTeam";

/** Lists and the team's folder are kept in step with what is keyed. */
export default function Keepers() {
  return (
    <>
      <KeepSummaries />
      <KeepTeam />
    </>
  );
}
