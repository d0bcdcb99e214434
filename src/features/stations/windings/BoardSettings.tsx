"use client";
import { useState } from "react";
import { FEWEST_POSTS, MOST_POSTS, type WindingsRecord } from "@/core/stations/windings";
import { PostNames } from "./PostNames";
import { addPost, dropPost, layPattern, PATTERNS, setFrame, usedPosts } from "./patterns";
import { PhotoButton } from "../../photo/PhotoButton";

interface BoardSettingsProps {
  readonly record: WindingsRecord;
  readonly change: (apply: (record: WindingsRecord) => WindingsRecord) => void;
}

/** Names and number of posts, patterns to start from, the frame as a post, a photo under the sketch. */
export function BoardSettings({ record, change }: BoardSettingsProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const count = record.posts.length;
  const add = () => {
    setProblem(count >= MOST_POSTS ? `A board has at most ${MOST_POSTS} posts here. Leave out posts that nothing is joined to.` : null);
    if (count < MOST_POSTS) change(addPost);
  };
  const drop = () => {
    const isUsed = usedPosts(record) >= count;
    setProblem(isUsed ? `The last post has readings. Empty them at Pairs first, then take it away.` : null);
    if (!isUsed && count > FEWEST_POSTS) change(dropPost);
  };
  const toggleFrame = () => {
    const isUsed = record.hasFrame && record.pairs.some(({ a, b }) => a === count || b === count);
    setProblem(isUsed ? "The frame has readings. Empty them at Pairs first, then leave it out." : null);
    if (!isUsed) change((r) => setFrame(r, !r.hasFrame));
  };
  return (
    <details className="border-t border-rule pt-2">
      <summary className="flex min-h-[44px] cursor-pointer items-center gap-2 text-[15px] font-semibold">
        Board: {count} posts{record.hasFrame ? " and the frame" : ""}{" "}
        <span className="caption font-normal">pattern, names, marks, photo</span>
      </summary>
      <div className="flex flex-col gap-4 pt-2">
        <div role="group" aria-label="Pattern" className="flex flex-wrap gap-2">
          {PATTERNS.map((pattern) => (
            <button key={pattern.id} type="button" className="btn" onClick={() => change((r) => layPattern(r, pattern))}>
              {pattern.label}
            </button>
          ))}
        </div>
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={add}>
            Add a post
          </button>
          <button type="button" className="btn" onClick={drop}>
            Take the last post away
          </button>
          <button type="button" className="btn" aria-pressed={record.hasFrame} onClick={toggleFrame}>
            {record.hasFrame ? "Leave the frame out" : "Measure to the frame too"}
          </button>
          <PhotoButton label="Photo under the sketch" onPhoto={(photo) => change((r) => ({ ...r, photo }))} onProblem={setProblem} />
          {record.photo ? (
            <button type="button" className="btn" onClick={() => change((r) => ({ ...r, photo: null }))}>
              Take the photo away
            </button>
          ) : null}
        </div>
        {problem ? (
          <p role="alert" className="text-[14px] font-medium text-out">
            {problem}
          </p>
        ) : null}
        <PostNames record={record} change={change} />
      </div>
    </details>
  );
}

/** One coil has two ends: the board for three is offered away while nothing is keyed. */
export function TwoLeadsOffer({ record, change }: BoardSettingsProps) {
  const two = PATTERNS[0];
  if (!two || record.posts.length <= two.places.length || record.pairs.length > 0) return null;
  return (
    <button type="button" className="btn self-start" onClick={() => change((r) => layPattern(r, two))}>
      {two.label}: this type has one coil
    </button>
  );
}
