import type { PaperProps } from "../../station/paper";
import { connectionOf, CONNECTION_NOTES, reversalSentence } from "./connection-words";
import { ConnectionDrawing } from "./ConnectionDrawing";
import { PostSketch } from "./PostSketch";
import type { WindingsDetail } from "./words";

const nothing = (): void => undefined;

/** The sketch, and beside it how the board is connected and turned round. */
export default function WindingsPaper({ record, assessment: { detail }, facts }: PaperProps<"windings", WindingsDetail>) {
  if (detail.measured === 0) return null;
  const answer = connectionOf(detail, facts);
  const connection = answer?.kind === "drawn" ? answer.connection : null;
  return (
    <div className="mt-2 flex flex-col gap-3">
      <figure inert className="max-w-[95mm] break-inside-avoid">
        <PostSketch
          isSmall
          record={record}
          detail={detail}
          selected={null}
          waiting={null}
          onTap={nothing}
          onPair={nothing}
          onMove={nothing}
        />
        <figcaption className="text-[0.86em]">Posts as they sit, with what was read between them</figcaption>
      </figure>
      {connection ? (
        <figure className="max-w-[160mm] break-inside-avoid">
          <ConnectionDrawing connection={connection} names={detail.names} caption="Direction looking at the shaft end" />
          <figcaption className="text-[0.86em]">
            {reversalSentence(connection, detail.names, "shaft")} {connection.notes.map((note) => CONNECTION_NOTES[note]).join(" ")}
          </figcaption>
        </figure>
      ) : null}
    </div>
  );
}
