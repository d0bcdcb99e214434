import { goneBySaid } from "@/core/capacitor";
import { saidAsSo } from "@/core/hearing/turn";
import { foreignBySaid } from "@/core/motor";
import { goneSentence } from "./gone-words";
import { notOursSentence } from "./not-ours-words";

/** What the open line says beside complaints: a motor that is not judged here, a capacitor that is gone. */
export function alsoHeard(said: string): readonly string[] {
  const [sort, gone] = [foreignBySaid(said, saidAsSo(said)), goneBySaid(said, saidAsSo(said))];
  return [...(sort === null ? [] : [notOursSentence({ sort, by: "said" })]), ...(gone === null ? [] : [goneSentence(gone)])];
}
