import type { StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import type { CaseWords } from "./case-words";

/** What a card is found by later. */
export interface CardNames {
  readonly id: TravellerId;
  readonly machine: string;
  readonly site: string;
}

/** What the case is given, on the desk and on the phone alike. */
export interface CaseProps {
  readonly words: CaseWords;
  /** what the machine is called and where it stands; it is asked at sign-off where nobody said */
  readonly names: CardNames;
  readonly onNames: (names: Partial<Omit<CardNames, "id">>) => void;
  /** signed off: whether a callback still belongs to this card; null: it is on the rack */
  readonly finished: { readonly isWithinCallback: boolean; readonly callbackDays: number } | null;
  /** every time it came back, the first first */
  readonly cameBackAt: readonly string[];
  /** the card it came back from; null: it is none that came back */
  readonly callbackOf: TravellerId | null;
  readonly onGo: (station: StationId, method?: string | null) => void;
  readonly onFinish: () => void;
  readonly onCameBack: () => void;
  readonly onLeaveOut: (key: string) => void;
}
