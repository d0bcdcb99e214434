"use client";
import { KeepSummaries } from "../cards/KeepSummaries";
import { OfflineShell } from "../shell/OfflineShell";
import { KeepTeam } from "../team/KeepTeam";

/** Lists and the team's folder are kept in step with what is keyed, and the program is kept for when there is no server. */
export default function Keepers() {
  return (
    <>
      <KeepSummaries />
      <KeepTeam />
      <OfflineShell />
    </>
  );
}
