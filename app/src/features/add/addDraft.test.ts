import { foodById } from '@omtel/core/foods';
import { readLine } from '@omtel/core/line';
import { payloads, type Payload } from '@omtel/core/record';
import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { METRIC, NOW } from '../../../test/story';
import {
  asksForShelf,
  draftAgain,
  draftOf,
  draftOfAdded,
  draftOfOwn,
  placeOf,
  placesFor,
  readAdd,
  withLine,
  type AddDraft,
} from './addDraft';

const read = (over: object, food = 'lasagne') =>
  readAdd({ ...draftOf(foodById(food)), mass: '1,2', ...over }, METRIC, {
    now: NOW,
    zone: 'UTC',
    season: { season: 'cool' },
  });

describe('a food that comes into the stores', () => {
  it('is what its kind is, unless said otherwise', () => {
    expect(draftOf(foodById('lasagne')).condition).toBe('cooked');
    expect(draftOf(foodById('chicken-thighs')).condition).toBe('fresh');
  });

  it('has a name of its own and counts from the first minute of its day', () => {
    const result = read({ name: 'Aunt’s lasagne', since: '1' });
    expect(result).toMatchObject({
      added: { foodKey: 'lasagne', name: 'Aunt’s lasagne', massKg: 1.2, since: Date.UTC(2026, 5, 11) },
    });
    expect(payloads.added.safeParse('added' in result && result.added).success).toBe(true);
  });

  it('of unknown age has no date', () =>
    expect(read({ since: 'unknown' })).toMatchObject({ added: { since: null } }));

  it('frozen goes into the freezer, whatever was chosen', () =>
    expect(read({ condition: 'frozen', place: 'counter' })).toMatchObject({ added: { place: 'freezer' } }));

  it('mixed names its other parts', () =>
    expect(read({ kinds: ['mashed-potatoes', 'beef-stew'] })).toMatchObject({
      added: { foodKey: 'mashed-potatoes', parts: ['beef-stew'] },
    }));

  it('of a guest may have been heated before; ours cannot', () => {
    expect(read({ from: 'guest', reheated: true })).toMatchObject({
      added: { from: 'guest', reheatedBefore: true },
    });
    expect(read({ reheated: true })).not.toMatchObject({ added: { reheatedBefore: true } });
  });

  it('of a guest tells whether it came hot, and since when it was out', () => {
    expect(read({ from: 'guest', outClock: '00:10' })).toMatchObject({
      added: { from: 'guest', came: 'hot', outSince: expect.any(Number) },
    });
    expect(read({ from: 'delivery' })).toMatchObject({ added: { outSince: null } });
    expect(read({ from: 'guest', outClock: 'late' })).toMatchObject({ field: 'outClock' });
    expect(read({ from: 'guest' }, 'potato-salad')).toMatchObject({ added: { came: 'cold' } });
    expect(read({})).not.toMatchObject({ added: { outSince: null } });
  });

  it('counts from the time of its day, where somebody says it', () => {
    expect(read({ since: '1', sinceClock: '18:30' })).toMatchObject({
      added: { since: Date.UTC(2026, 5, 11, 18, 30) },
    });
    expect(read({ since: '0', sinceClock: '23:59' })).toMatchObject({ field: 'sinceClock' });
  });

  it('has the date printed on it, to its end', () => {
    expect(read({ printedKind: 'useBy', printedDay: '2026-06-15' })).toMatchObject({
      added: { printed: { kind: 'useBy', at: Date.UTC(2026, 5, 16) - 1 } },
    });
    expect(read({ printedKind: 'bestBefore', printedDay: '3.1.2027' })).toMatchObject({
      added: { printed: { kind: 'bestBefore', at: Date.UTC(2027, 0, 4) - 1 } },
    });
    expect(read({ printedKind: 'useBy', printedDay: 'soon' })).toMatchObject({ field: 'printedDay' });
  });

  it('is asked of its pack only where that matters', () => {
    expect(read({ withoutAir: true, condition: 'frozen' }, 'trout-side')).toMatchObject({
      added: { withoutAir: true },
    });
    expect(read({ withoutAir: true })).not.toMatchObject({ added: { withoutAir: true } });
    expect(read({ fromRoom: true }, 'tuna-salad')).toMatchObject({ added: { fromRoom: true } });
    const pack = { unopened: true, printedKind: 'useBy', printedDay: '2026-06-20' };
    expect(read(pack, 'hot-dogs')).toMatchObject({ added: { unopened: true } });
    expect(read({ unopened: true }, 'hot-dogs')).not.toMatchObject({ added: { unopened: true } });
  });

  it('on the way home tells the season, and the bag', () => {
    expect(read({ place: 'car' }, 'chicken-thighs')).toMatchObject({
      added: { place: 'car', season: 'cool' },
    });
    expect(read({ place: 'car', bag: true }, 'chicken-thighs')).toMatchObject({ added: { bag: true } });
    expect(read({ place: 'refrigerator', bag: true })).not.toMatchObject({ added: { bag: true } });
  });

  it('only a can goes into the cupboard, and has no day to count from yet', () => {
    const can = draftOf(foodById('sardines-opened'));
    expect(placesFor(can)).toContain('cupboard');
    expect(placesFor({ ...can, kinds: [...can.kinds, 'cooked-rice'] })).not.toContain('cupboard');
    expect(placesFor(draftOf(foodById('lasagne')))).not.toContain('cupboard');
    // So does what needs no cold; and its days count, where it has any.
    expect(placesFor(draftOf(foodById('dry-goods')))).toContain('cupboard');
    expect(read({ place: 'cupboard', since: '1' }, 'butter')).toMatchObject({
      added: { place: 'cupboard', since: Date.UTC(2026, 5, 11) },
    });
    const result = read({ place: 'cupboard', since: '1' }, 'sardines-opened');
    expect(result).toMatchObject({ added: { place: 'cupboard', since: null } });
    expect(payloads.added.safeParse('added' in result && result.added).success).toBe(true);
  });

  it('goes where it still can when its condition changes', () => {
    const draft = { ...draftOf(foodById('chicken-thighs')), place: 'counter' as const };
    expect(placeOf(draft)).toBe('counter');
    expect(placeOf({ ...draft, condition: 'frozen' })).toBe('freezer');
  });

  it('of the household’s own is ruled as all its kinds', () => {
    const own = {
      id: '01900000-0000-7000-8000-000000000009',
      name: 'Pilaf',
      kinds: ['cooked-rice', 'chicken-stew'],
    };
    expect(draftOfOwn(own)).toMatchObject({ name: 'Pilaf', kinds: own.kinds, condition: 'cooked' });
  });

  it.each([
    [{ name: ' ' }, 'name'],
    [{ mass: '0' }, 'mass'],
    [{ mass: '900' }, 'mass'],
    [{ mass: 'some' }, 'mass'],
  ])('%j is a sentence at its field', (over, field) =>
    expect(read(over)).toMatchObject({ field, problem: expect.any(String) }),
  );
});

describe('what was said of a food when it came, to be set right', () => {
  const anything = fc.record({
    food: fc.constantFrom('lasagne', 'chicken-thighs', 'potato-salad', 'sardines-opened', 'cod', 'hummus'),
    condition: fc.constantFrom('fresh', 'frozen', 'thawed', 'cooked'),
    place: fc.constantFrom('refrigerator', 'freezer', 'counter', 'car', 'cupboard'),
    since: fc.constantFrom('0', '1', '3', 'unknown'),
    sinceClock: fc.constantFrom('', '00:05', '01:30'),
    from: fc.constantFrom('us', 'guest', 'takeaway', 'delivery'),
    came: fc.constantFrom('hot', 'cold'),
    outClock: fc.constantFrom('', '00:10', '17:45'),
    reheated: fc.boolean(),
    fromRoom: fc.boolean(),
    printedKind: fc.constantFrom('none', 'useBy', 'bestBefore'),
    printedDay: fc.constantFrom('2026-06-20', '1.7.'),
    withoutAir: fc.boolean(),
    unopened: fc.boolean(),
    bag: fc.boolean(),
    mass: fc.constantFrom('0.35', '1.2', '4'),
  });

  it('left as it is, is read as it was', () =>
    fc.assert(
      fc.property(anything, ({ food, ...over }) => {
        const first = read(over, food);
        if (!('added' in first)) return;
        const event = { id: uuid(), foodId: uuid(), at: NOW, type: 'added', payload: first.added } as const;
        const draft = draftOfAdded(event, { zone: 'UTC', units: METRIC });
        expect(readAdd(draft, METRIC, { now: NOW, zone: 'UTC', season: { season: 'cool' } })).toEqual(first);
      }),
    ));
});

describe('one typed line', () => {
  const line = (text: string) =>
    withLine(draftOf(foodById('chicken-thighs')), readLine(text, NOW, 'UTC'), METRIC);

  it('fills in what it says, in this household’s units, and leaves the rest', () => {
    expect(line('2 lb chicken thighs fridge yesterday 17:30')).toMatchObject({
      mass: '0.91',
      place: 'refrigerator',
      condition: 'fresh',
      since: '1',
      sinceClock: '17:30',
    });
    expect(line('chicken thighs')).toEqual(draftOf(foodById('chicken-thighs')));
    expect(line('frozen chicken thighs')).toMatchObject({ condition: 'frozen' });
  });
});

describe('what came before and comes again', () => {
  const again = (over: object) => {
    const read = readAdd({ ...draftOf(foodById('cod')), mass: '0,6', ...over }, METRIC, {
      now: NOW,
      zone: 'UTC',
      season: {},
    });
    return draftAgain((read as { added: Payload<'added'> }).added, { units: METRIC });
  };
  it('is as it was, from today', () =>
    expect(again({ name: 'Cod for pie', since: '2', place: 'freezer' })).toMatchObject({
      name: 'Cod for pie',
      mass: '0.6',
      place: 'freezer',
      since: '0',
      sinceClock: '',
    }));
  it('is not out or on the way home again', () =>
    expect(again({ place: 'car' })).toMatchObject({ place: 'refrigerator' }));
});

it('asks for the shelf where what drips could stand above what is eaten as it is', () => {
  const asks = (id: string, change: Partial<AddDraft> = {}) =>
    asksForShelf({ ...draftOf(foodById(id)), ...change });
  expect(asks('chicken-thighs')).toBe(true);
  expect(asks('chicken-thighs', { place: 'freezer' })).toBe(false);
  expect(asks('chicken-thighs', { condition: 'cooked' })).toBe(false);
  expect(asks('lentil-soup')).toBe(false);
  expect(asks('lentil-soup', { kinds: ['lentil-soup', 'ground-beef'], condition: 'fresh' })).toBe(true);
});
