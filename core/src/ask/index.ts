/**
 * Is this still all right? A food nobody logged, ruled on by three answers. It knows foods and trails and nothing of screens; what
 * is asked is kept by nobody unless somebody wants it.
 */
export * from './answers';
export * from './history';
export * from './ruleOn';
