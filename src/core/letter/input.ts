import type { Verdict } from '../look';
import type { Piece } from '../piece';
import type { Tongue } from '../words';
import type { StandIn } from './stand-in';
import type { LetterStyle, LetterVoice } from './style';

/** All a letter is drafted from. */
export interface LetterInput {
  readonly clientName: string;
  readonly shopName: string;
  readonly lines: readonly {
    readonly ref: string;
    readonly piece: Piece;
    readonly ask?: string | undefined;
    readonly fit: string;
    /** Ids of the ways of wearing it that may be proposed; absent: all. */
    readonly ways?: readonly string[] | undefined;
    /** What the tailor does to it, in words, and whether it may come back all the same. */
    readonly altered?: { readonly jobs: readonly string[]; readonly mayReturn: boolean } | undefined;
  }[];
  readonly looks: readonly {
    readonly id: string;
    readonly occasion?: string | undefined;
    readonly pieces: readonly Piece[];
    readonly verdict: Verdict;
    /** What could stand in for each piece of the client's own. */
    readonly standIns?: readonly StandIn[] | undefined;
  }[];
  readonly occasions: readonly string[];
  readonly decideBy?: string | undefined;
  /** Days after the day to send back from which what nobody answered is kept; absent: silence is no answer. */
  readonly silentKeepDays?: number | undefined;
  readonly tongue?: Tongue | undefined;
  /** Absent: the shop's usual. */
  readonly style?: LetterStyle | undefined;
  readonly voice?: LetterVoice | undefined;
}
