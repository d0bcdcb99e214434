"use client";
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from "@dnd-kit/core";
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { GripVertical, X } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { isDoneFor, isDueBy } from "@/core/due";
import { PageLink } from "@/components/PageLink";
import type { TravellerId } from "@/records";
import { changeDayList } from "@/store/day-list";
import { useSummaries } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { dayOf } from "../vocabulary/clock";

const DaySheet = lazy(() => import("./DaySheet"));

const nameOf = ({ machine, site }: Pick<Summary, "machine" | "site">): string =>
  `${machine.trim() || "Machine not named"}, ${site.trim() || "no site"}`;

const isDone = (card: Summary | undefined, today: string): boolean => card !== undefined && isDoneFor(card, today);

/** The cards of the day in an order of the person's own, moved by a drag or by keys. */
export default function DayList({ ids, isOpened }: { ids: readonly TravellerId[]; isOpened: boolean }) {
  const cards = useSummaries(ids);
  const [isChoosing, setChoosing] = useState(isOpened);
  // What was moved stands at once; what is kept follows.
  const [moved, setMoved] = useState<readonly TravellerId[] | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const known = new Map((cards.state === "ready" ? cards.value : []).map((card) => [card.id, card]));
  const order = (moved !== null && moved.length === ids.length && moved.every((id) => ids.includes(id)) ? moved : ids).filter((id) =>
    known.has(id),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    const [from, to] = [order.indexOf(active.id as TravellerId), order.indexOf(over?.id as TravellerId)];
    if (from < 0 || to < 0 || from === to) return;
    const next = arrayMove([...order], from, to);
    setMoved(next);
    void changeDayList(() => next);
  };
  const name = (id: unknown): string => {
    const card = known.get(id as TravellerId);
    return card ? nameOf(card) : "";
  };
  const [today] = useState(() => dayOf(new Date()));
  const done = order.filter((id) => isDone(known.get(id), today));
  return (
    <section aria-labelledby="day-list">
      <h2 id="day-list" className="heading-rule">
        The day <span className="caption font-normal">{order.length} in this order</span>
      </h2>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{
          screenReaderInstructions: {
            draggable: "Press space to lift it, the arrow keys to move it, space to put it down, escape to leave it.",
          },
          announcements: {
            onDragStart: ({ active }) => `Lifted: ${name(active.id)}.`,
            onDragOver: ({ over }) => (over ? `Over place ${order.indexOf(over.id as TravellerId) + 1} of ${order.length}.` : ""),
            onDragEnd: ({ active, over }) =>
              over ? `${name(active.id)} put at place ${order.indexOf(over.id as TravellerId) + 1}.` : "Left where it was.",
            onDragCancel: ({ active }) => `${name(active.id)} left where it was.`,
          },
        }}
      >
        <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
          <ol>
            {order.map((id, index) => {
              const card = known.get(id);
              return card ? <Row key={id} card={card} place={index + 1} today={today} /> : null;
            })}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => setChoosing(true)}>
          Put cards on it
        </button>
        {done.length > 0 ? (
          <button
            type="button"
            className="btn btn-plain"
            onClick={() => void changeDayList((all) => all.filter((id) => !done.includes(id)))}
          >
            Clear what is done
          </button>
        ) : null}
      </div>
      {isChoosing ? (
        <Suspense>
          <DaySheet ids={ids} onClose={() => setChoosing(false)} />
        </Suspense>
      ) : null}
    </section>
  );
}

function Row({ card, place, today }: { card: Summary; place: number; today: string }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: card.id });
  const shift = transform ? { transform: `translate3d(0, ${transform.y}px, 0)`, transition } : {};
  return (
    <li
      ref={setNodeRef}
      style={shift}
      className={`flex items-center gap-1 border-b border-rule-faint bg-ground ${isDragging ? "relative z-10 border-press shadow-[0_0_0_2px_var(--press)]" : ""}`}
    >
      <button
        type="button"
        className="flex h-11 w-11 shrink-0 cursor-grab touch-none items-center justify-center text-ink-soft"
        {...attributes}
        {...listeners}
        aria-label={`Move ${nameOf(card)}`}
      >
        <GripVertical aria-hidden="true" size={18} />
      </button>
      <PageLink href={`/traveller?id=${card.id}`} className="min-w-0 flex-1 py-1.5 text-[14px] hover:bg-press-wash">
        <span className="num mr-2 text-ink-soft">{place}</span>
        {card.machine.trim() || "machine not named"}
        <span className="caption block">
          {card.site.trim() || "no site"}
          {isDone(card, today) ? " · signed off" : isDueBy(card, today) ? " · due" : ""}
        </span>
      </PageLink>
      <button
        type="button"
        className="flex h-11 w-11 shrink-0 items-center justify-center text-ink-soft"
        aria-label={`Take ${nameOf(card)} off the list`}
        onClick={() => void changeDayList((ids) => ids.filter((id) => id !== card.id))}
      >
        <X aria-hidden="true" size={18} />
      </button>
    </li>
  );
}
