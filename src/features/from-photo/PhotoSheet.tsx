"use client";
import { useCallback, useEffect, useState, useSyncExternalStore } from "react";
import { LongWorkBar } from "@/components/LongWorkBar";
import Sheet from "@/components/Sheet";
import type { FieldReading } from "@/core/photo-text";
import { isLikeWhatWasAsked } from "@/core/photo-text/likeness";
import { toPhotoSentence } from "@/features/messages/photo-sentences";
import { TESSERACT } from "@/devices/text-reader";
import type { PhotoOf, FieldOf } from "@/workers/photo-messages";
import { openPhotoWork } from "@/workers/photos";
import { Camera } from "../photo/Camera";
import { CornerPicture } from "./CornerPicture";
import { FieldRow } from "./FieldRow";
import { openFile, openFrame, type OpenedPicture } from "./open-picture";
import { createSession, type Session, type SessionState, type UnderWay } from "./session";
import { ASKED_WORDS, countWords, unlikeWords } from "./words";

export interface PhotoSheetProps<Kind extends PhotoOf> {
  readonly asked: Kind;
  /** what stands in each field now */
  readonly stands: Readonly<Partial<Record<FieldOf[Kind], string>>>;
  readonly onTake: (texts: Partial<Record<FieldOf[Kind], string>>) => void;
  /** keeps the photo with the card or the part; null: there is no place for one here */
  readonly onKeep: ((photo: string) => void) | null;
  readonly mostCharacters?: number;
  readonly onClose: () => void;
}

function useSession<Kind extends PhotoOf>(asked: Kind): readonly [Session<Kind>, SessionState<Kind>] {
  const [made] = useState(() => {
    const listeners = new Set<() => void>();
    const session = createSession({
      asked,
      source: TESSERACT,
      openWork: openPhotoWork,
      onChange: () => listeners.forEach((tell) => tell()),
    });
    const subscribe = (listener: () => void) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    };
    return { session, subscribe };
  });
  const state = useSyncExternalStore(made.subscribe, made.session.present, made.session.present);
  return [made.session, state];
}

/** A photo read: chosen or taken, its corners put right, each field offered with its chance, taken by a press. */
export default function PhotoSheet<Kind extends PhotoOf>({
  asked,
  stands,
  onTake,
  onKeep,
  mostCharacters,
  onClose,
}: PhotoSheetProps<Kind>) {
  const [session, state] = useSession(asked);
  useEffect(() => session.close, [session]);
  const [isLooking, setLooking] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const [kept, setKept] = useState<OpenedPicture | null>(null);
  const { picture, corners, fields, underWay } = state;
  const words = ASKED_WORDS[asked];

  const keep = useCallback(async (): Promise<void> => {
    if (picture === null || onKeep === null || kept === picture) return;
    const photo = await picture.toKeep(mostCharacters);
    if (!photo.ok) return setRefused(toPhotoSentence(photo.failure));
    setKept(picture);
    onKeep(photo.value);
  }, [picture, onKeep, kept, mostCharacters]);
  const take = (texts: Partial<Record<FieldOf[Kind], string>>): void => {
    onTake(texts);
    // What was taken from a picture has it beside it.
    void keep();
  };
  const failure = state.failure ? toPhotoSentence(state.failure) : refused;
  return (
    <Sheet title={words.title} onClose={onClose} isWide>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <section aria-label="Picture" className="flex flex-col gap-3">
          {isLooking ? (
            <TakeFrame
              onPicture={(opened) => {
                setLooking(false);
                void session.take(opened);
              }}
              onRefused={() => {
                setLooking(false);
                setRefused(
                  "The camera cannot be used here: none is there, or it was not allowed. Allow it beside the address, or choose a photo.",
                );
              }}
            />
          ) : picture && corners ? (
            <CornerPicture
              shown={picture.shown}
              width={picture.picture.width}
              height={picture.picture.height}
              corners={corners}
              onCorners={session.setCorners}
            />
          ) : picture ? (
            // eslint-disable-next-line @next/next/no-img-element -- this page's own picture: nothing to optimise or fetch
            <img src={picture.shown} alt="The picture that is read" className="w-full border border-ink" />
          ) : (
            <p>
              Hold the camera square to {words.it}, near enough that it fills the picture, and without a lamp shining back. It is read on
              this device; nothing leaves it.
            </p>
          )}
          {picture && corners && underWay === null ? (
            <p className="caption">
              {state.isFound ? "" : `Nothing stands out as the edge of ${words.it}. `}Drag the corners onto it, or move them with the arrow
              keys, then read.
            </p>
          ) : null}
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className={`btn ${picture ? "" : "btn-filled"}`}
              aria-expanded={isLooking}
              onClick={() => {
                setRefused(null);
                setLooking(!isLooking);
              }}
            >
              {isLooking ? "Camera off" : "Camera"}
            </button>
            <label className="btn relative">
              {picture ? "Another picture of it" : "Choose a photo"}
              <input
                type="file"
                accept="image/*"
                aria-label={picture ? "Another picture of it" : "Choose a photo"}
                className="absolute inset-0 w-full cursor-pointer opacity-0"
                onChange={(event) => {
                  const file = event.target.files?.[0];
                  event.target.value = "";
                  setRefused(null);
                  setLooking(false);
                  if (file) void openFile(file).then(session.take);
                }}
              />
            </label>
            {picture && underWay === null ? (
              <>
                <button type="button" className="btn" onClick={() => void session.turnPicture()}>
                  Turn
                </button>
                {corners ? (
                  <button type="button" className={`btn ${fields ? "" : "btn-filled"}`} onClick={() => void session.read()}>
                    {fields ? "Read again" : "Read it"}
                  </button>
                ) : null}
                {onKeep ? (
                  <button type="button" className="btn" disabled={kept === picture} onClick={() => void keep()}>
                    {kept === picture ? "Photo kept" : "Keep the photo"}
                  </button>
                ) : null}
              </>
            ) : null}
          </div>
          {state.isReaderHere === false && fields === null && underWay === null ? (
            <p className="caption">
              What reads the letters is fetched once, about {TESSERACT.fetchMb} MB, and stays on this device: from then on it works without
              a signal. On a bad line, keep the photo and read it later.
            </p>
          ) : null}
          {underWay ? <Progress underWay={underWay} onStop={session.stop} /> : null}
          {failure ? (
            <p role="alert" className="text-[14px] font-medium text-out">
              {failure}
            </p>
          ) : null}
        </section>
        <Fields asked={asked} state={state} stands={stands} onTake={take} />
      </div>
    </Sheet>
  );
}

const UNDER_WAY: Readonly<Record<UnderWay["what"], string>> = {
  finding: "Looking for its edges",
  fetching: "Fetching what reads the letters",
  reading: "Reading",
};

function Progress({ underWay, onStop }: { underWay: UnderWay; onStop: () => void }) {
  const at = underWay.done === null ? null : { done: Math.round(100 * underWay.done), all: 100 };
  return <LongWorkBar what={UNDER_WAY[underWay.what]} at={at} onStop={onStop} />;
}

interface TakeFrameProps {
  readonly onPicture: (opened: Awaited<ReturnType<typeof openFrame>>) => void;
  readonly onRefused: () => void;
}

function TakeFrame({ onPicture, onRefused }: TakeFrameProps) {
  const [video, setVideo] = useState<HTMLVideoElement | null>(null);
  return (
    <>
      <Camera
        onVideo={(element) => {
          setVideo(element);
          return undefined;
        }}
        onRefused={onRefused}
      />
      <button
        type="button"
        className="btn btn-filled self-start"
        disabled={video === null}
        onClick={() => video && void openFrame(video).then(onPicture)}
      >
        Take the picture
      </button>
    </>
  );
}

interface FieldsProps<Kind extends PhotoOf> {
  readonly asked: Kind;
  readonly state: SessionState<Kind>;
  readonly stands: PhotoSheetProps<Kind>["stands"];
  readonly onTake: (texts: Partial<Record<FieldOf[Kind], string>>) => void;
}

/** What it says, field by field; those that are sure are taken together. */
function Fields<Kind extends PhotoOf>({ asked, state: { fields, read }, stands, onTake }: FieldsProps<Kind>) {
  if (fields === null) return null;
  const standing = (field: FieldOf[Kind]): string => stands[field] ?? "";
  const first = ({ candidates }: FieldReading<FieldOf[Kind]>): string => candidates[0]?.text ?? "";
  const sure = fields.filter(({ isSure }) => isSure);
  const open = sure.filter((reading) => standing(reading.field).trim() === "");
  const unread = fields.filter(({ candidates }) => candidates.length === 0);
  return (
    <section aria-label="What it says" className="flex flex-col">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 border-b-[1.5px] border-ink pb-1">
        <h3 className="text-[15px] font-bold whitespace-nowrap">What it says</h3>
        <span className="caption">what it can be, its chance, and the piece of picture</span>
      </div>
      {isLikeWhatWasAsked(fields) ? null : <p className="pt-2 text-[15px] font-medium">{unlikeWords(asked)}</p>}
      <ul>
        {fields.map((reading) => (
          <FieldRow
            // A field that was read anew begins anew.
            key={`${reading.field} ${first(reading)} ${read.length}`}
            reading={reading}
            pictures={read}
            stands={standing(reading.field)}
            onTake={(text) => onTake({ [reading.field]: text } as Partial<Record<FieldOf[Kind], string>>)}
          />
        ))}
      </ul>
      <div className="flex flex-wrap items-center gap-3 pt-3">
        {open.length > 1 ? (
          <button
            type="button"
            className="btn btn-filled"
            onClick={() => onTake(Object.fromEntries(open.map((one) => [one.field, first(one)])) as Partial<Record<FieldOf[Kind], string>>)}
          >
            Take the {open.length} that are sure
          </button>
        ) : null}
        <span className="caption">Nothing enters by itself.</span>
      </div>
      <p role="status" className="pt-2 text-[15px]">
        {countWords(sure.length, fields.length - sure.length - unread.length, unread.length)}
      </p>
    </section>
  );
}
