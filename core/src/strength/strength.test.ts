import { strengthOf } from '.';

const KNOWN = ['Harbour house', 'Mara'];

it.each([
  ['password1234', 'common'],
  ['Password123!', 'common'],
  ['qwertyuiop123', 'common'],
  ['aaaaaaaaaaaaaaaa', 'common'],
  ['123456789012', 'common'],
  ['Harbour house 12', 'common'],
  ['our boat smells of tar', 'strong'],
  ['tarred rope and lamb', 'strong'],
])('%s is %s', (typed, strength) => expect(strengthOf(typed, KNOWN)).toBe(strength));

it('takes no time over what is endless', () => {
  expect(strengthOf('tarred rope and lamb '.repeat(1e5), [])).toBe('strong');
});
