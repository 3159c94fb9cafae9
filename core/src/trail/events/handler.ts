import type { RuleSet } from '../../guidance';
import type { EventType, FoodEvent } from '../../record';
import type { FoodState } from '../state';

/** What an event does to a food's state. */
export type Handler<Type extends EventType> = (
  state: FoodState,
  event: FoodEvent<Type>,
  rules: RuleSet,
) => FoodState;

/** What events of some types do. */
export type HandlersOf<Types extends EventType> = { readonly [Type in Types]: Handler<Type> };
