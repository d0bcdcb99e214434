import type { DatedRow, RecordTypeName } from "@/records";
import { isActorOf, openDocument, optionsOf, READER } from "@/records/team/document";
import { targetOf } from "@/records/team/held";
import { fieldsOf, fromTexts, prefixOf, textsOfRecords } from "@/records/team/registers";
import { recordAt } from "@/records/team/shapes";
import type { VemmickDatabase } from "../vemmick-database";
import { readPeers } from "./peers";
import { teamNameOf, thisDevice } from "./team-device";

/** What one side says of a record: its values, and the record as it would be with them. */
export interface SideOf {
  /** a device's name; "" where nobody knows it any more */
  readonly who: string;
  readonly isMine: boolean;
  readonly texts: Readonly<Record<string, string>>;
  readonly row: DatedRow;
}

/** A record of which devices have set the same fields without knowing of one another. */
export interface Disagreement {
  readonly document: string;
  readonly name: RecordTypeName;
  readonly id: string;
  /** paths of the fields */
  readonly fields: readonly (readonly string[])[];
  readonly sides: readonly SideOf[];
}

/** More of them are told once these are chosen. */
const MOST = 50;

/** Everything that is disagreed about and waits for a choice, as it stands here. */
export async function disagreements(db: VemmickDatabase): Promise<readonly Disagreement[]> {
  const [rows, device, peers] = [
    await db.documents.where("open").equals(1).limit(MOST).toArray(),
    await thisDevice(db),
    await readPeers(db),
  ];
  const who = (actor: string): { readonly who: string; readonly isMine: boolean } =>
    isActorOf(actor, device.id)
      ? { who: teamNameOf(device).name, isMine: true }
      : { who: peers.find(({ id }) => isActorOf(actor, id))?.name ?? "", isMine: false };
  const found: Disagreement[] = [];
  for (const { id, bytes, branch, disagreed: open, left } of rows) {
    const document = openDocument(bytes, READER);
    const held = { document, branch, open, left, asked: null };
    for (const prefix of new Set(open.map(prefixOf))) {
      const [name, recordId] = recordAt(id, prefix);
      const here = await db.recordTable(name).get(recordId);
      const wanted = here === undefined ? null : textsOfRecords([{ name, row: here }]);
      const target = targetOf(held, wanted);
      const own = open.filter((register) => prefixOf(register) === prefix);
      const options = new Map(own.map((register) => [register, optionsOf(document, register)]));
      const devices = new Set([...options.values()].flat().map(({ actor }) => JSON.stringify(who(actor))));
      const sides = [...devices].map((key): SideOf => {
        const side = JSON.parse(key) as ReturnType<typeof who>;
        const texts: Record<string, string> = {};
        for (const [register, each] of options) {
          const said = each.find(({ actor }) => JSON.stringify(who(actor)) === key)?.text ?? target.get(register);
          if (said !== undefined) texts[register] = said;
        }
        const row = fromTexts(id, prefix, new Map([...target, ...Object.entries(texts)]), here);
        return { ...side, texts, row: row ?? ({ id: recordId, updatedAt: "" } as DatedRow) };
      });
      const isShown = (side: SideOf): boolean => own.every((register) => side.texts[register] === target.get(register));
      const shown = sides.find(isShown);
      const ordered = [...sides].sort((a, b) => Number(b.isMine) - Number(a.isMine) || Number(b === shown) - Number(a === shown));
      found.push({ document: id, name, id: recordId, fields: own.map(fieldsOf), sides: ordered });
    }
  }
  return found;
}
