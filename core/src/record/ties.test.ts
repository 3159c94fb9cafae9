import type { EventType, FoodEvent, Payload } from '.';
import { otherHalf, tiedTo } from '.';

let made = 0;
const of = <Type extends EventType>(foodId: string, at: number, type: Type, payload: Payload<Type>) =>
  ({ id: String((made += 1)), foodId, at, type, payload }) as FoodEvent;

const joined = of('soup', 10, 'joined', { with: 'rest' });
const joinedTo = of('rest', 10, 'joinedTo', { into: 'soup' });

it('the halves of one act find each other', () => {
  expect(otherHalf(joined, [of('rest', 10, 'note', { text: 'Thin' }), joinedTo])).toBe(joinedTo);
  expect(otherHalf(joinedTo, [joined])).toBe(joined);
  const portioned = of('tub', 20, 'portioned', { from: 'soup', name: 'Tub', massKg: 0.4 });
  const dividedOff = of('soup', 20, 'dividedOff', { to: 'tub', massKg: 0.4 });
  expect(otherHalf(portioned, [joined, dividedOff])).toBe(dividedOff);
  expect(otherHalf(dividedOff, [portioned])).toBe(portioned);
});

it('another food’s half is not its own, and of two of its own the one of that moment is', () => {
  expect(otherHalf(joined, [of('rest', 10, 'joinedTo', { into: 'stew' })])).toBeNull();
  const later = of('rest', 90, 'joinedTo', { into: 'soup' });
  expect(otherHalf({ ...joined, at: 80 }, [joinedTo, later])).toBe(later);
});

it('what happens to one food alone has no other half', () => {
  const note = of('soup', 10, 'note', { text: 'Thin' });
  expect(otherHalf(note, [joinedTo])).toBeNull();
  expect(tiedTo('note', note.payload)).toBeNull();
  expect(tiedTo('joined', joined.payload)).toBe('rest');
});
