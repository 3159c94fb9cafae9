import type { KitchenEvent } from '../record/meals';

/** Cooks do everything. Helpers see everything, and record what happens. */
export const roles = ['cook', 'helper'] as const;
export type Role = (typeof roles)[number];

/**
 * What somebody may ask of a household: see it, record what happens in it, see to their own way in, decide what is planned or what
 * it goes by, set right or take away what is recorded, and say who belongs to it.
 */
export type Act = 'read' | 'record' | 'own' | CooksAct;
type CooksAct = 'decide' | 'takeAway' | 'people';

/** Why a helper may not, and whom to ask. */
const REFUSED: Readonly<Record<CooksAct, string>> = {
  decide: 'Cooks plan, and say what this kitchen goes by. Ask one of them.',
  takeAway: 'Cooks set right what others entered, and take things away. Ask one of them.',
  people: 'Cooks say who belongs to this kitchen. Ask one of them.',
};

/** Why somebody of a role may not do something; null where they may. Whoever asks who may do what asks here. */
export const whyNot = (role: Role, act: Act): string | null =>
  role === 'cook' || act === 'read' || act === 'record' || act === 'own' ? null : REFUSED[act];

/** Entries that decide something; all others say what happened. */
const DECIDED: ReadonlySet<KitchenEvent['type']> = new Set([
  'planned',
  'planDropped',
  'guided',
  'mealPlanned',
  'mealDropped',
]);

/**
 * What an entry asks for. Who entered something may take it back, or set it right; what another entered only who may take away.
 *
 * @param own whether somebody sets right an entry of their own
 */
export function actOf({ type }: Pick<KitchenEvent, 'type'>, own: boolean): Act {
  if (DECIDED.has(type)) return 'decide';
  return type === 'corrected' && !own ? 'takeAway' : 'record';
}
