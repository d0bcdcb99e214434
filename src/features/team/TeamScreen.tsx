"use client";
import { lazy, Suspense, useEffect } from "react";
import { PageLink } from "@/components/PageLink";
import { LineField } from "@/components/LineField";
import { database } from "@/store/database";
import { useHouse } from "@/store/house-rules";
import { nameDevice } from "@/store/team/team-device";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { BackupPart } from "./BackupPart";
import { ByHand } from "./ByHand";
import { FolderPart } from "./FolderPart";
import { keepTeam } from "./keep-team";
import { Merges } from "./Merges";
import { Others } from "./Others";
import { AskedRemovals, Gone } from "./Removals";
import { useTeam, useTeamDevice, useUnsent } from "./useTeam";
import { unsentWords } from "./words";

const Conflicts = lazy(async () => ({ default: (await import("./Conflicts")).Conflicts }));

const AT_HAND = [
  { label: "Folder", to: "#folder" },
  { label: "Others", to: "#others" },
] as const;

/** Files of a team: a folder or files carried by hand, what others bring, what was taken in, and copies of everything. */
export function TeamScreen() {
  useEffect(() => void keepTeam(), []);
  const device = useTeamDevice();
  const house = useHouse();
  const unsent = useUnsent();
  const { disagreements } = useTeam();
  return (
    <Screen at="/ledger" actions={AT_HAND}>
      <h1 className="text-[24px] font-bold">Team files</h1>
      <p className="mt-1 max-w-[72ch] text-[14px] text-ink-soft">
        Each device writes what it changes into files of its own in one folder, and reads those of the others. Whatever carries the folder
        between devices will do; without one, files are carried by hand. Demo cards stay out of it. Back to the{" "}
        <PageLink href="/ledger">Ledger</PageLink>.
      </p>
      {device.state === "failed" ? (
        <CannotRead failure={device.failure} />
      ) : device.state !== "ready" ? (
        <Reading />
      ) : (
        <>
          {/* What waits for an answer comes before everything else, on a phone too. */}
          <div className="mt-4 mb-8 flex flex-col gap-6 empty:hidden">
            {disagreements.length > 0 ? (
              <Suspense>
                <Conflicts />
              </Suspense>
            ) : null}
            <AskedRemovals />
          </div>
          <div className="mt-4 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_380px]">
            <div className="flex min-w-0 flex-col gap-8">
              <Others />
              {house === null ? null : (
                <>
                  <Merges figures={house.figures} />
                  <Gone figures={house.figures} />
                </>
              )}
            </div>
            <div className="flex min-w-0 flex-col gap-8 max-lg:order-first">
              <section aria-labelledby="device">
                <h2 id="device" className="heading-rule">
                  This device
                </h2>
                <div className="mt-3">
                  <LineField
                    label="Name, as the others read it"
                    text={device.value.name}
                    kind="person"
                    placeholder="for example Ivo's tablet"
                    onText={(name) => void nameDevice(database(), name)}
                  />
                </div>
                <p className="caption mt-1">
                  Its files begin with <span className="num">team-{device.value.id}</span>. {unsentWords(unsent)}
                </p>
              </section>
              <FolderPart />
              <ByHand />
              <BackupPart />
            </div>
          </div>
        </>
      )}
    </Screen>
  );
}
