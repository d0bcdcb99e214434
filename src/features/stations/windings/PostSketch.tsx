"use client";
import { usePhoto } from "@/store/usePhoto";
import { useRef } from "react";
import { useNarrow } from "@/components/useNarrow";
import { pairsOf, type PostPair, type WindingsRecord } from "@/core/stations/windings";
import { rolesWord } from "@/features/vocabulary/board-words";
import { PairLine, type LineKind } from "./PairLine";
import { postName, shownAt, type WindingsDetail } from "./words";
import { samePair } from "@/core/stations/windings";

interface PostSketchProps {
  readonly record: WindingsRecord;
  readonly detail: WindingsDetail;
  readonly selected: PostPair | null;
  /** post tapped first, waiting for the second */
  readonly waiting: number | null;
  readonly onTap: (post: number) => void;
  readonly onPair: (pair: PostPair) => void;
  readonly onMove: (post: number, x: number, y: number) => void;
  /** drawn small, on paper for one: the letters are as large as on a phone */
  readonly isSmall?: boolean;
}

/** The same letters are readable on both: the view is as wide as the paper it is drawn on. */
const WIDE = { width: 640, height: 330 } as const;
const NARROW = { width: 390, height: 270 } as const;
type View = typeof WIDE | typeof NARROW;
const RADIUS = 21;
/** Width of a letter of a post's name, about. */
const LETTER = 7.5;
/** A finger that slips this far was still a tap. */
const SLIP = 10;
/** Beyond so many posts only the windings themselves keep their figures, or the sketch is black with lines. */
const MANY_POSTS = 5;

type Point = readonly [number, number];
const clamp = (value: number): number => Math.min(0.96, Math.max(0.04, value));

/** Where a post is drawn; the frame at the foot, as metal. */
const pointOf = ({ posts }: WindingsRecord, post: number, { width, height }: View): Point => {
  const found = posts[post];
  return found ? [found.x * width, found.y * height] : [width / 2, height - 18];
};

function kindOf(record: WindingsRecord, detail: WindingsDetail, pair: PostPair): LineKind {
  const text = shownAt(record, pair);
  if (detail.misfits.some((each) => samePair(each, pair)) || detail.doubts.some((doubt) => samePair(doubt.pair, pair))) return "misfit";
  if (text === "") return samePair(detail.next, pair) ? "next" : "none";
  const isElement = detail.elements.some(({ posts }) => samePair(posts, pair));
  const isOpen = !/\d/.test(text) || text.startsWith(">");
  if (isOpen) return "open";
  return detail.elements.length > 0 && !isElement && record.posts.length >= MANY_POSTS ? "implied" : "measured";
}

/** Posts on graph paper where they sit; measured pairs as inked lines with their figure, the next probe dashed; roles as soon as settled. */
export function PostSketch({ record, detail, selected, waiting, onTap, onPair, onMove, isSmall = false }: PostSketchProps) {
  const svg = useRef<SVGSVGElement>(null);
  const isNarrow = useNarrow();
  const view = isNarrow || isSmall ? NARROW : WIDE;
  const grip = useRef<{ post: number; x: number; y: number; isMoving: boolean } | null>(null);
  const place = (event: React.PointerEvent): Point => {
    const box = svg.current?.getBoundingClientRect();
    return box ? [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height] : [0, 0];
  };
  // A tap is taken on its click: the touch that made it hands the focus to the post after the pointer has left, and would
  // take it from the field again.
  const wasDragged = useRef(false);
  const release = () => {
    wasDragged.current = grip.current?.isMoving === true;
    grip.current = null;
  };
  const move = (event: React.PointerEvent) => {
    const held = grip.current;
    if (!held) return;
    if (Math.hypot(event.clientX - held.x, event.clientY - held.y) > SLIP) held.isMoving = true;
    if (held.isMoving) onMove(held.post, clamp(place(event)[0]), clamp(place(event)[1]));
  };
  const posts = record.posts.map((_, post) => post);
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${view.width} ${view.height}`}
      className="block w-full touch-manipulation"
      // On a desk the verdict is to be seen under it without scrolling.
      style={{ maxHeight: isSmall ? undefined : "max(200px, min(330px, 31dvh))" }}
      role="group"
      aria-label="Post sketch"
      onPointerMove={move}
      onPointerUp={release}
      onPointerCancel={release}
    >
      <defs>
        <pattern id="graph" width="22" height="22" patternUnits="userSpaceOnUse">
          <path d="M22 0H0V22" fill="none" stroke="var(--rule-faint)" strokeWidth="1" />
        </pattern>
      </defs>
      <rect width={view.width} height={view.height} fill="url(#graph)" />
      {record.photo ? <BoardPhoto photo={record.photo} width={view.width} height={view.height} /> : null}
      {pairsOf(record).map((pair) => (
        <PairLine
          key={pair.join()}
          kind={kindOf(record, detail, pair)}
          ends={[pointOf(record, pair[0], view), pointOf(record, pair[1], view)]}
          gap={RADIUS + 4}
          figure={shownAt(record, pair)}
          isSelected={samePair(selected, pair)}
          onPress={() => onPair(pair)}
        />
      ))}
      {record.hasFrame ? (
        <FramePost
          at={pointOf(record, record.posts.length, view)}
          isWaiting={waiting === record.posts.length}
          onTap={() => onTap(record.posts.length)}
        />
      ) : null}
      {posts.map((post) => (
        <Post
          key={post}
          at={pointOf(record, post, view)}
          view={view}
          name={postName(detail.names, post)}
          roles={detail.roles[post] ?? null}
          isWaiting={waiting === post}
          onGrip={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            wasDragged.current = false;
            grip.current = { post, x: event.clientX, y: event.clientY, isMoving: false };
          }}
          onClick={() => {
            if (!wasDragged.current) onTap(post);
          }}
          onTap={() => onTap(post)}
        />
      ))}
    </svg>
  );
}

interface PostProps {
  readonly at: Point;
  readonly view: View;
  readonly name: string;
  readonly roles: readonly string[] | null;
  readonly isWaiting: boolean;
  readonly onGrip: (event: React.PointerEvent<SVGGElement>) => void;
  readonly onClick: () => void;
  readonly onTap: () => void;
}

function Post({ at: [x, y], view, name, roles, isWaiting, onGrip, onClick, onTap }: PostProps) {
  const isCommon = roles?.includes("C") === true;
  const word = roles ? rolesWord(roles) : null;
  const isLow = y > view.height * 0.6;
  // The name stands outward, unless it would run off the paper.
  const isLeft = x < view.width * 0.45 && x - RADIUS - 8 > name.length * LETTER;
  // A long role takes two lines, or it would run into its neighbour's.
  const lines = (word ?? "?").split(/ (?=or )/);
  const top = isLow ? y + RADIUS + 19 : y - RADIUS - 9 - 15 * (lines.length - 1);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Post ${name}${word ? `, ${word}` : ""}`}
      aria-pressed={isWaiting}
      className="cursor-pointer"
      style={{ touchAction: "none" }}
      onPointerDown={onGrip}
      onClick={onClick}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          onTap();
        }
      }}
    >
      <circle cx={x} cy={y} r={RADIUS + 10} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={RADIUS}
        fill={isCommon ? "var(--ink)" : "var(--sheet)"}
        stroke={isWaiting ? "var(--press)" : "var(--ink)"}
        strokeWidth={isWaiting ? 5 : 2.2}
      />
      <circle cx={x} cy={y} r={5.5} fill={isCommon ? "var(--sheet)" : "var(--ink)"} />
      {lines.map((line, index) => (
        <Halo key={line} x={x} y={top + 15 * index} anchor="middle" size={lines.length > 1 ? 13 : 15} weight={700} fill="var(--ink)">
          {line}
        </Halo>
      ))}
      <Halo
        x={isLeft ? x - RADIUS - 8 : x + RADIUS + 8}
        y={y + 5}
        anchor={isLeft ? "end" : "start"}
        size={14}
        weight={400}
        fill="var(--ink-soft)"
      >
        {name}
      </Halo>
    </g>
  );
}

function BoardPhoto({ photo, width, height }: { photo: string; width: number; height: number }) {
  const picture = usePhoto(photo);
  if (picture === null || picture === "gone") return null;
  return (
    <image href={picture} width={width} height={height} preserveAspectRatio="xMidYMid slice" opacity="0.5">
      <title>Photo of the board</title>
    </image>
  );
}

/** Text that stays readable over lines and photo. */
function Halo({
  children,
  anchor,
  size,
  weight,
  fill,
  x,
  y,
}: {
  children: string;
  anchor: "start" | "middle" | "end";
  size: number;
  weight: number;
  fill: string;
  x: number;
  y: number;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={weight}
      fill={fill}
      stroke="var(--sheet)"
      strokeWidth="4"
      paintOrder="stroke"
      style={{ pointerEvents: "none" }}
    >
      {children}
    </text>
  );
}

function FramePost({ at: [x, y], isWaiting, onTap }: { at: Point; isWaiting: boolean; onTap: () => void }) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label="Post frame, bare metal"
      aria-pressed={isWaiting}
      className="cursor-pointer"
      onClick={onTap}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          onTap();
        }
      }}
    >
      <rect
        x={x - 120}
        y={y - 14}
        width="240"
        height="30"
        fill="var(--ground)"
        stroke={isWaiting ? "var(--press)" : "var(--ink)"}
        strokeWidth={isWaiting ? 4 : 1.8}
      />
      <Halo x={x} y={y + 6} anchor="middle" size={14} weight={600} fill="var(--ink)">
        bare metal, frame
      </Halo>
    </g>
  );
}
