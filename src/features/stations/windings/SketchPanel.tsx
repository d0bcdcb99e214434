"use client";
import { useEffect, useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { absenceOf } from "@/core/relevance";
import { entryAt, pairsOf, type PostPair } from "@/core/stations/windings";
import { LEAD_PAIRS } from "@/core/winding";
import { MeterField } from "@/features/form/MeterField";
import { entryProblem, PAIR_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { BoardSettings, TwoLeadsOffer } from "./BoardSettings";
import type { WindingsProps } from "./props";
import { choosePair, EMPTY_HAND, tapPost } from "./hand";
import { PairSlips } from "./PairSlips";
import { PostSketch } from "./PostSketch";
import { windingSentences, leadsSentence } from "./sentences";
import { TriangleAndSum } from "./TriangleAndSum";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { isDoubted, pairName, toPairEntry } from "./words";
import { samePair, setPair } from "@/core/stations/windings";

/** Up to so many pairs each have a field of their own; on larger boards one field stands for the pair in hand. */
const FEW_PAIRS = 3;

/** The field of a pair is drawn by the next frame. */
function focusSoon(index: number): void {
  requestAnimationFrame(() =>
    document.querySelectorAll<HTMLInputElement>("[data-pair-fields] input[data-figure]")[Math.max(0, index)]?.focus(),
  );
}

/** The sketch, the pair in hand, and what the readings come to. */
export function SketchPanel(props: WindingsProps) {
  const { record, assessment, house, facts, change } = props;
  const { detail } = assessment;
  // Three leads keep the order in which they are usually probed: round the triangle.
  const pairs: readonly PostPair[] = detail.three ? LEAD_PAIRS : pairsOf(record);
  const [hand, setHand] = useState(EMPTY_HAND);
  const areFew = pairs.length <= FEW_PAIRS;
  // A board that is understood asks for nothing more; a pair can still be chosen on the sketch.
  const isDone = detail.board !== null && detail.next === null && detail.board.state !== "contradiction";
  // While the advice is worked out no pair is offered in its place, or a figure would land on the wrong one.
  const offered = isDone || detail.isWorking ? null : (pairs.find((pair) => entryAt(record, ...pair) === null) ?? pairs[0] ?? null);
  const inHand = hand.selected ?? hand.held ?? detail.next ?? offered;
  const choose = (pair: PostPair | null) => setHand((now) => choosePair(now, pair));
  const goOn = () => choose(null);
  const index = areFew ? pairs.findIndex((pair) => samePair(pair, hand.selected)) : 0;
  useEffect(() => {
    if (hand.asks > 0) focusSoon(index);
    // Only a new request moves the focus.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [hand.asks]);
  const inHandKey = inHand?.join() ?? "";
  useEffect(() => {
    // The field of another pair is another field: whoever was keying goes on keying there.
    if (hand.asks > 0 && inHandKey !== "" && document.activeElement === document.body) focusSoon(index);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [inHandKey]);
  const field = (pair: PostPair, isLarge: boolean) => {
    const entry = entryAt(record, ...pair);
    return (
      <MeterField
        key={pair.join()}
        takes={{
          label: pairName(detail.names, pair),
          quantity: "resistance",
          entry,
          isDoubtful: isDoubted(detail, pair),
          put: (next) => change((r) => setPair(r, pair, next)),
        }}
        label={isLarge ? `${pairName(detail.names, pair)}, meter shows` : pairName(detail.names, pair)}
        text={entry?.text ?? ""}
        unit={entry?.reading?.quantity === "capacitance" ? "" : "Ω"}
        problem={entryProblem(entry, "resistance")}
        size={isLarge ? "large" : "normal"}
        isAutoFocused={isLarge ? detail.measured === 0 : samePair(pair, pairs[0] ?? null) && entry === null && detail.measured === 0}
        onFocusField={() => setHand((now) => (areFew ? { ...now, selected: pair } : { ...now, held: pair }))}
        onText={(text) => {
          if (!areFew) setHand((now) => ({ ...now, held: pair }));
          change((r) => setPair(r, pair, toPairEntry(text, house)));
        }}
      />
    );
  };
  return (
    <FieldFlow className="flex flex-col gap-4" {...(areFew ? {} : { onFigure: goOn })}>
      {absenceOf("start-lead", facts) ? <TwoLeadsOffer record={record} change={change} /> : null}
      <PostSketch
        record={record}
        detail={detail}
        selected={inHand}
        waiting={hand.waiting}
        onTap={(post) => setHand((now) => tapPost(now, post))}
        onPair={choose}
        onMove={(post, x, y) => change((r) => ({ ...r, posts: r.posts.map((each, at) => (at === post ? { ...each, x, y } : each)) }))}
      />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <div data-pair-fields="" className={areFew ? "grid grid-cols-3 gap-4 max-lg:order-last" : "max-w-[360px]"}>
            {areFew ? (
              pairs.map((pair) => field(pair, false))
            ) : inHand ? (
              field(inHand, true)
            ) : (
              <p className="caption">
                {detail.isWorking
                  ? "The next pair is being worked out."
                  : "Nothing more needs measuring. Tap two posts to read or change a pair."}
              </p>
            )}
          </div>
          <PairSlips detail={detail} house={house} change={change} />
          <Verdict
            assessment={assessment}
            word={detail.board?.state === "cannot-tell" ? "Cannot tell" : null}
            isWaiting={detail.isWorking}
            sentences={windingSentences(detail, facts.machineKind === "hermetic-compressor")}
          />
        </div>
        <KeyPad extras={PAIR_EXTRAS} {...(areFew ? {} : { onNext: goOn })} />
      </div>
      {detail.three && "sum" in detail.three ? <TriangleAndSum record={record} answer={detail.three} names={detail.names} /> : null}
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
        <Fields of={ROWS} show={["testLeads"]} given={props} />
        {detail.measured > 0 ? <p className="caption col-span-1 self-end pb-2 sm:col-span-3">{leadsSentence(detail)}</p> : null}
      </div>
      <Fields of={ROWS} show={["shell"]} given={props} />
      <BoardSettings record={record} change={change} />
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
