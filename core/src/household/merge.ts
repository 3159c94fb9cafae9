import type { Settings, SettingsPatch } from './household';

/** What of a change was changed elsewhere in the meantime, to something else; `what` is the name of the setting. */
export class ChangedElsewhere extends Error {
  constructor(readonly what: keyof Settings) {
    super(`${what} was changed elsewhere meanwhile`);
  }
}

/** Two changes that cannot both be. */
class Conflict extends Error {}

/**
 * A change of settings laid onto settings that others may have changed since it was meant: what it changed is as it says, what
 * others changed is as they said. Members of lists are told apart by their id, so that somebody who was added on another device
 * stays at the table.
 *
 * @param now the settings as they are
 * @param was what the changed settings were where the change was meant; what is missing is taken for what it is now
 * @param patch what they were to be
 * @throws ChangedElsewhere where both changed the same thing to something else
 */
export function mergeSettings(now: Settings, was: Partial<Settings>, patch: SettingsPatch): SettingsPatch {
  const keys = Object.keys(patch) as (keyof SettingsPatch)[];
  return Object.fromEntries(
    keys.map((key) => {
      if (!(key in was)) return [key, patch[key]];
      try {
        return [key, merged(now[key], was[key], patch[key])];
      } catch (error) {
        if (error instanceof Conflict) throw new ChangedElsewhere(key);
        throw error;
      }
    }),
  );
}

function merged(now: unknown, was: unknown, wanted: unknown): unknown {
  if (isSame(now, was)) return wanted;
  if (isSame(wanted, was) || isSame(wanted, now)) return now;
  const lists = [membersOf(now), membersOf(was), membersOf(wanted)] as const;
  if (areAll(lists)) return [...mergedParts(...lists).values()];
  if (isObject(now) && isObject(was) && isObject(wanted))
    return Object.fromEntries(mergedParts(partsOf(now), partsOf(was), partsOf(wanted)));
  throw new Conflict();
}

type Parts = ReadonlyMap<string, unknown>;

/** Part by part, in the order they have now; new ones at the end. */
function mergedParts(now: Parts, was: Parts, wanted: Parts): Parts {
  const names = new Set([...now.keys(), ...wanted.keys()]);
  return new Map(
    [...names]
      .map((name) => [name, merged(now.get(name), was.get(name), wanted.get(name))] as const)
      .filter(([, part]) => part !== undefined),
  );
}

const partsOf = (object: object): Parts => new Map(Object.entries(object));

/** What tells members of a list apart: their id, the rule they set, or when they were. */
const nameOf = (member: unknown): string | null => {
  if (!isObject(member)) return null;
  const { id, path, at } = member as Record<string, unknown>;
  const name = id ?? path ?? at;
  return name === undefined ? null : String(name);
};

/** The members of a list by their names; null where it is none, or they have none. */
function membersOf(list: unknown): Parts | null {
  if (!Array.isArray(list)) return null;
  const members = new Map(list.map((member) => [nameOf(member), member] as const));
  return members.has(null) || members.size < list.length ? null : (members as Parts);
}

const areAll = (lists: readonly [Parts | null, Parts | null, Parts | null]): lists is [Parts, Parts, Parts] =>
  lists.every((list) => list !== null);

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values that JSON can hold are the same, whatever the order of their fields. */
function isSame(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((value, index) => isSame(value, other[index]));
  if (!isObject(one) || !isObject(other)) return false;
  const [first, second] = [partsOf(one), partsOf(other)];
  // A field that is not said is no field.
  return [...new Set([...first.keys(), ...second.keys()])].every((key) =>
    isSame(first.get(key), second.get(key)),
  );
}
