import { LineField } from "@/components/LineField";
import { isNamedPost, type WindingsRecord } from "@/core/stations/windings";
import { LEAD_MARKS, markLikeName, type LeadMark } from "@/core/winding";
import { markWord } from "@/features/vocabulary/board-words";

interface PostNamesProps {
  readonly record: WindingsRecord;
  readonly change: (apply: (record: WindingsRecord) => WindingsRecord) => void;
}

type Post = WindingsRecord["posts"][number];

/** Name and maker's mark of each post: a name helps memory, a mark counts only where a person says that the maker made it. */
export function PostNames({ record, change }: PostNamesProps) {
  const set = (post: number, part: Partial<Post>) =>
    change((r) => ({ ...r, posts: r.posts.map((each, at) => (at === post ? { ...each, ...part } : each)) }));
  return (
    <>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
        {record.posts.map(({ name, mark }, post) => (
          <div key={post} className="flex min-w-0 flex-col gap-1">
            <LineField label={`Lead ${post + 1}: name or colour`} kind="lead" text={name} onText={(text) => set(post, { name: text })} />
            <label className="min-w-0">
              <span className="caption block">Maker&apos;s mark</span>
              <select
                aria-label={`Lead ${post + 1}: maker's mark`}
                className="write-line text-[16px]"
                value={mark ?? ""}
                onChange={(event) => set(post, { mark: (event.target.value || null) as LeadMark | null })}
              >
                <option value="">none</option>
                {LEAD_MARKS.map((id) => (
                  <option key={id} value={id}>
                    {markWord(id)}
                  </option>
                ))}
              </select>
            </label>
            <LooksMarked post={post} name={name} mark={mark} onMark={(found) => set(post, { mark: found })} />
          </div>
        ))}
      </div>
      <p className="caption">
        Names and colours help memory only; they are never evidence. Drag a post to where it sits. A mark is what the maker stamped or
        printed at the lead; it counts where ohms cannot decide.
      </p>
    </>
  );
}

interface LooksMarkedProps {
  readonly post: number;
  readonly name: string;
  readonly mark: LeadMark | null;
  readonly onMark: (mark: LeadMark) => void;
}

/** A name that reads like a mark is asked about, never taken for one. */
function LooksMarked({ post, name, mark, onMark }: LooksMarkedProps) {
  const like = mark === null && isNamedPost(name, post) ? markLikeName(name) : null;
  if (like === null) return null;
  return (
    <button type="button" className="btn" onClick={() => onMark(like)}>
      The maker marked it: {markWord(like)}
    </button>
  );
}
