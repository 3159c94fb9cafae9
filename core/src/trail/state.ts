import type { AllergenId, FormId } from '../foods';
import type { Temperature } from '../units';
import type { CoolingPlan, LabelDate, Payload, Place, ProbePlace, Shelf } from '../record';
import type { GuidanceChoice } from '../guidance';
import type {
  Chill,
  Exposure,
  CountedDays,
  Pause,
  PrintedDate,
  ProbeReading,
  TrailReading,
  Spell,
  ThawState,
} from '../clocks';

export type Stage =
  | 'frozen'
  | 'thawing'
  | 'thawed'
  | 'raw'
  | 'cooking'
  | 'resting'
  | 'serving'
  | 'stored'
  | 'reheating'
  | 'joined'
  | 'eaten'
  | 'discarded';

export interface CookState {
  /** The first full cook; heating again; or heating again to mend a cooling that lost its first mark. */
  readonly kind: 'cook' | 'reheat' | 'rescue';
  readonly startedAt: number;
  /** What it was when it went on: frozen, not thawed through, or as it last read where it lay; null where nobody read it. */
  readonly from: 'frozen' | 'icy' | Temperature | null;
  readonly by: 'microwave' | null;
  /** Since when it has been on the heat without a break; null off it. */
  readonly onHeatSince: number | null;
  readonly readings: readonly ProbeReading[];
  /** When a sign of being done was seen; it serves where a chart allows one. */
  readonly signAt: number | null;
  /** Since when every place has been at the target, and all that are needed are read; null until then. */
  readonly metAt: number | null;
  /** When it was taken for done before a lower reading showed that it was not: it may get cold like what is done. */
  readonly onceMetAt: number | null;
  readonly offHeatAt: number | null;
  /** When it was found below hot though done: it is heated through again, or chilled. */
  readonly fellAt: number | null;
  /** What is given back when a lower reading shows that it was not done after all. */
  readonly before: Pick<FoodState, 'daysFrom' | 'pauses' | 'lastThawedAt' | 'printed' | 'withCooked'> | null;
  /** The cooling it broke off: only a reading at the mark ends that. */
  readonly heldChill: Chill | null;
}

/** Something in a food's past that nothing later mends. */
export interface Fault {
  /** Cooked in part and then kept; or kept past its days before it was cooked, frozen or heated. */
  readonly kind:
    | 'partCooked'
    | 'coolingMissed'
    | 'refrozen'
    | 'notReheated'
    | 'pastPrinted'
    | 'withoutAir'
    | 'unreadOnHeat';
  readonly at: number;
  /** False where only a missing fact makes it one: that leads to "cannot tell", not to "discard". */
  readonly certain: boolean;
  readonly ruleId: string;
}

/** A count of days that was ended by cooking, heating or freezing; none of these brings days back. */
export interface ClosedCount extends CountedDays {
  readonly at: number;
  readonly ruleId: string;
}

/** How a food is kept hot or cold, as its checks found it. */
export interface Holding {
  /** The latest reading of each place, and whether that was hot or cold enough. */
  readonly read: Partial<Readonly<Record<ProbePlace, TrailReading & { readonly isRight: boolean }>>>;
  /** The latest of each place that was hot or cold enough. */
  readonly right: Partial<Readonly<Record<ProbePlace, TrailReading>>>;
  readonly seenTo: NonNullable<Payload<'reading'>['seenTo']>;
  /** Somebody checks it; else it is only read, as by a probe left in. */
  readonly checked: boolean;
}

/** What a food's history amounts to: all that a ruling or a next step needs, without the history itself. */
export interface FoodState {
  readonly foodId: string;
  readonly foodKey: string;
  /** The kinds of food a mixed dish is made of besides. */
  readonly parts: readonly string[];
  readonly name: string;
  readonly massKg: number;
  readonly form: FormId;
  readonly stage: Stage;
  readonly place: Place;
  readonly placeSince: number;
  readonly shelf: Shelf | null;
  readonly covered: boolean;
  /** A can that was not opened yet. */
  readonly sealed: boolean;
  /** In the maker's pack, closed, with a use-by on it. */
  readonly unopened: boolean;
  readonly labelled: boolean;
  /** The date that stands on its label; null where it has none, or nobody knows. */
  readonly labelSays: LabelDate | null;
  /** What was noted that some cannot eat; nothing noted is not "contains none". */
  readonly allergens: readonly AllergenId[];
  /** The food it was divided from, if any. */
  readonly dividedFrom: string | null;
  /** When it came into the log. */
  readonly cameAt: number;
  /** It came hot from elsewhere: heated through before it is eaten. */
  readonly heatFirst: boolean;
  /** All of it was heated through here, whatever it was before. */
  readonly through: boolean;
  /** It came from elsewhere, and nobody knows since when it was out. */
  readonly outUnknown: boolean;
  readonly printed: PrintedDate | null;
  /** Fish closed in a pack without air. */
  readonly withoutAir: boolean;
  /** How hot the oven is, where somebody said. */
  readonly oven: Payload<'ovenOn'> | null;
  /** The last reading, where its thermometer is in doubt: it proves nothing. */
  readonly doubtful: TrailReading | null;
  /** True once a full cook is done, or for food that came cooked or is eaten as it is. */
  readonly cooked: boolean;
  /** Raw, and cooked food was put to it: what rules on either rules on it. */
  readonly withCooked: boolean;
  /** When its days began to count; null when nobody knows. */
  readonly daysFrom: number | null;
  /** When it was frozen since then: its days were not counted. */
  readonly pauses: readonly Pause[];
  /** When it last came out of the freezer since then. */
  readonly lastThawedAt: number | null;
  readonly frozenSince: number | null;
  readonly thaw: ThawState | null;
  /** Of what was put together the part that thaws first, kg; null where it thaws as a whole. */
  readonly firstThawedKg: number | null;
  /** Part of it was never frozen, so that its days from the beginning count beside those since thawing. */
  readonly partFresh: boolean;
  readonly cook: CookState | null;
  readonly exposures: readonly Exposure[];
  /** Of what was put together: since when either part was known to be too long out to be chilled; null where none was. */
  readonly pastSince: number | null;
  readonly faults: readonly Fault[];
  readonly closedCounts: readonly ClosedCount[];
  /** Its cooling since it last left the heat. */
  readonly chill: Chill | null;
  /** How often it was heated again because it had not cooled in time. */
  readonly rescues: number;
  /** What this food is ruled by, where that differs from the household. */
  readonly guidedBy: GuidanceChoice | null;
  /** When a warm food went into the cold it is still in. A warm reading says nothing of that cold until it had time. */
  readonly coolingSince: number | null;
  /** When it first read cold there. */
  readonly cooledAt: number | null;
  readonly container: { readonly portions: number; readonly depthM: number } | null;
  /** A cooling that was planned, when, and the coldest its middle has read since. */
  readonly cooling: {
    readonly plannedAt: number;
    readonly plan: CoolingPlan;
    readonly coldest: Temperature | null;
  } | null;
  readonly reheats: number;
  readonly ovenOnAt: number | null;
  readonly servedAt: number | null;
  /** What its readings say of how it is kept hot or cold where it is. */
  readonly held: Holding | null;
  /** Set while the store it is in cannot be relied on. */
  readonly spell: Spell | null;
  readonly lastReading: TrailReading | null;
  /** The last moment the food was known to be out of the growth band on the side it is coming from. */
  readonly lastGood: TrailReading | null;
  readonly plan: Payload<'planned'> | null;
  /** Its history could not be folded: all else here is only what stands for it. */
  readonly setAside?: true;
  readonly lastAt: number;
  /** The events at that moment: the same one again changes nothing. */
  readonly lastIds: readonly string[];
}
