import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { runJob } from '@omtel/core/jobs';

describe('forecasts on the server', () => {
  it('are the same code as in the page’s worker, with the same answers', () => {
    const asked = {
      foodKey: 'lamb-shoulder-bone-in',
      form: 'boneInJoint',
      massKg: 2.4,
      guidance: PLAIN_GUIDANCE,
      place: 'refrigerator',
    } as const;
    const thawed = runJob('thaw', asked);
    expect(runJob('thaw', asked).slowMs).toBe(thawed.slowMs);
    // All plain values: they survive being sent as JSON.
    expect(JSON.parse(JSON.stringify(thawed))).toEqual(thawed);
  });
});
