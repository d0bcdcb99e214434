import type { Corners } from "@/core/picture";
import type { FieldReading, ReadLine } from "@/core/photo-text";
import { fail, type Failure, type Result } from "@/core/result";
import type { TextReader, TextReaderSource } from "@/devices/text-reader";
import type { PhotoOf, FieldOf, ReadPicture } from "@/workers/photo-messages";
import type { PhotoWork } from "@/workers/photos";
import { turned, type OpenedPicture } from "./open-picture";

/** What is under way, with the part that is done where it is known. */
export interface UnderWay {
  readonly what: "finding" | "fetching" | "reading";
  /** 0 to 1; null: not known */
  readonly done: number | null;
}

/** One picture that was read. */
export interface StraightPicture {
  readonly lines: readonly ReadLine[];
  /** an address of this page's own */
  readonly shown: string;
  readonly width: number;
  readonly height: number;
}

/** A reading from a photo, as a screen shows it. */
export interface SessionState<Kind extends PhotoOf> {
  readonly picture: OpenedPicture | null;
  readonly corners: Corners | null;
  /** the corners are a guess that found something; false: those of the whole picture */
  readonly isFound: boolean;
  readonly underWay: UnderWay | null;
  readonly read: readonly StraightPicture[];
  /** null: nothing was read yet */
  readonly fields: readonly FieldReading<FieldOf[Kind]>[] | null;
  readonly failure: Failure | null;
  /** all that reads the letters lies on this device; null: not known yet */
  readonly isReaderHere: boolean | null;
}

interface SessionNeeds<Kind extends PhotoOf> {
  readonly asked: Kind;
  readonly source: TextReaderSource;
  readonly openWork: () => PhotoWork;
  readonly onChange: () => void;
}

/** Fewer lines than this on a whole picture: there is nothing to read. */
const FEWEST_LINES = 1;

/**
 * A reading from photos, from the first picture to the last field: pictures of the same thing add to one another, a stop leaves
 * what was read before, and whatever is closed gives its memory back.
 */
export function createSession<Kind extends PhotoOf>({ asked, source, openWork, onChange }: SessionNeeds<Kind>) {
  let state: SessionState<Kind> = {
    picture: null,
    corners: null,
    isFound: false,
    underWay: null,
    read: [],
    fields: null,
    failure: null,
    isReaderHere: null,
  };
  let work: PhotoWork | null = null;
  let reader: TextReader | null = null;
  let isClosed = false;
  /** each press that begins something makes what was begun before it stale */
  let turn = 0;

  const set = (change: Partial<SessionState<Kind>>): void => {
    if (isClosed) return;
    state = { ...state, ...change };
    onChange();
  };
  const trouble = (failure: Failure): void => set({ underWay: null, failure });
  const atWork = (): PhotoWork => (work ??= openWork());
  const endWork = (): void => {
    work?.stop();
    work = null;
  };

  const lookAt = async (picture: OpenedPicture): Promise<void> => {
    const mine = (turn += 1);
    set({ picture, corners: null, failure: null, underWay: { what: "finding", done: null } });
    const [found, isReaderHere] = await Promise.all([atWork().find(picture.picture), source.isHere()]);
    if (mine !== turn) return;
    if (!found.ok) return trouble(found.failure);
    set({ corners: found.value.corners, isFound: found.value.isFound, underWay: null, isReaderHere });
    // What lies here already costs nothing: it reads at once.
    if (isReaderHere && found.value.isFound) await readNow();
  };

  const ready = async (mine: number): Promise<Result<TextReader, Failure>> => {
    if (reader) return { ok: true, value: reader };
    set({ underWay: { what: state.isReaderHere === true ? "reading" : "fetching", done: null } });
    const opened = await source.open((done) => {
      if (mine === turn)
        set({ underWay: { what: state.isReaderHere === true ? "reading" : "fetching", done: state.isReaderHere === true ? null : done } });
    });
    if (!opened.ok) return opened;
    if (isClosed || mine !== turn) {
      opened.value.close();
      return fail({ code: "photo-reader-failed", detail: "stopped" });
    }
    reader = opened.value;
    return opened;
  };

  const keepRead = ({ lines, straight }: ReadPicture): StraightPicture => ({
    lines,
    shown: URL.createObjectURL(new Blob([straight.png as BlobPart], { type: "image/png" })),
    width: straight.width,
    height: straight.height,
  });

  const readNow = async (): Promise<void> => {
    const { picture, corners } = state;
    if (!picture || !corners) return;
    const mine = (turn += 1);
    set({ failure: null });
    const opened = await ready(mine);
    if (mine !== turn) return;
    if (!opened.ok) return trouble(opened.failure);
    set({ underWay: { what: "reading", done: 0 }, isReaderHere: true });
    const answer = await atWork().read(
      picture.picture,
      corners,
      (line) => (mine === turn ? opened.value.read(line) : Promise.resolve("")),
      (done) => {
        if (mine === turn) set({ underWay: { what: "reading", done } });
      },
    );
    if (mine !== turn) return;
    if (!answer.ok) return trouble(answer.failure);
    const isNothing = answer.value.lines.filter(({ texts }) => texts.some(({ text }) => /\d/.test(text))).length < FEWEST_LINES;
    if (isNothing) return trouble({ code: "photo-nothing-on-it" });
    // Read again with other corners, a picture takes its own place.
    const others = state.read.filter((_, at) => at !== readAt);
    const read = [...others, keepRead(answer.value)];
    const fields = await atWork().weigh(
      asked,
      read.map(({ lines }) => lines),
    );
    if (mine !== turn) return;
    if (!fields.ok) return trouble(fields.failure);
    readAt = read.length - 1;
    set({ read, fields: fields.value, underWay: null });
  };
  /** place of the picture in hand among those that were read; null: it was not read yet */
  let readAt: number | null = null;

  return {
    present: (): SessionState<Kind> => state,
    /** A picture that was chosen or taken; the first, or another of the same thing. */
    take: async (opened: Result<OpenedPicture, Failure>): Promise<void> => {
      if (!opened.ok) return trouble(opened.failure);
      state.picture?.close();
      readAt = null;
      await lookAt(opened.value);
    },
    setCorners: (corners: Corners): void => set({ corners }),
    turnPicture: async (): Promise<void> => {
      if (!state.picture) return;
      const next = await turned(state.picture);
      if (next.ok) await lookAt(next.value);
      else trouble(next.failure);
    },
    read: readNow,
    /** Stops what is under way; what was read before stays. */
    stop: (): void => {
      turn += 1;
      endWork();
      reader?.close();
      reader = null;
      set({ underWay: null });
    },
    close: (): void => {
      turn += 1;
      isClosed = true;
      endWork();
      reader?.close();
      state.picture?.close();
      for (const { shown } of state.read) URL.revokeObjectURL(shown);
    },
  };
}
export type Session<Kind extends PhotoOf> = ReturnType<typeof createSession<Kind>>;
