"use client";
import { useEffect } from "react";
import { database } from "@/store/database";
import { FOLDER_KEY } from "@/store/team/team-device";

/** When nobody waits for anything any more. */
const LATER_MS = 3000;

/** Keeps in step with the team's folder while a page is open; nothing of it is loaded where no folder was chosen. */
export function KeepTeam() {
  useEffect(() => {
    const later = setTimeout(() => {
      const asked = database().settings.get(FOLDER_KEY);
      void asked
        .then((folder) => (folder === undefined ? null : import("./keep-team").then(({ keepTeam }) => keepTeam())))
        .catch(() => undefined);
    }, LATER_MS);
    return () => clearTimeout(later);
  }, []);
  return null;
}
