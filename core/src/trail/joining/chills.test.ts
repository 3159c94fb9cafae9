import { rulesOf } from '../../guidance';
import { comes, hours, minutes, moved, stateOf } from '../../testing/story';
import { marksAt } from '../../clocks';
import { worseOfBoth } from './worseOfBoth';

describe('what cools from hot, put to what cools from the room', () => {
  it('has the marks of both', () => {
    const hot = [comes('lasagne', { place: 'counter', since: null })];
    const room = [comes('tuna-salad', { since: null, fromRoom: true })];
    const [chain, chilling] = [rulesOf('chain'), moved(minutes(1), 'refrigerator')];
    const alone = marksAt(stateOf(room).chill!, hours(1), chain)[1].dueAt;
    for (const [one, other] of [
      [[...hot, chilling], room],
      [room, [...hot, chilling]],
    ] as const) {
      const { chill } = worseOfBoth(stateOf([...one]), stateOf([...other]), hours(1), chain);
      expect(chill!.fromRoom).toBe(false);
      expect(marksAt(chill!, hours(1), chain)[1].dueAt).toBe(alone);
    }
  });
});
