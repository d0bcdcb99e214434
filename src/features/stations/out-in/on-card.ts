import type { SwapAction } from "@/core/exchange";
import { BLANK_EXCHANGE, type PartExchange } from "@/core/stations/out-in";
import type { TravellerId } from "@/records";
import type { OnCard } from "@/store/part-counts";
import type { WeighedCard } from "../../station/contract";

/** What the Shelf's count notes on the card, at one work; null where there is no card. */
export const onCard = (
  { card }: Pick<WeighedCard, "card">,
  action: SwapAction,
): ((apply: (exchange: PartExchange, at: string) => PartExchange) => OnCard) | null =>
  card === null
    ? null
    : (apply) => ({
        travellerId: card.id as TravellerId,
        change: (record, at) => ({
          ...record,
          works: { ...record.works, [action]: apply(record.works[action] ?? BLANK_EXCHANGE, at) },
        }),
      });
