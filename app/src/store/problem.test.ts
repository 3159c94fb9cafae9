import { ANOTHER_KITCHEN } from '@omtel/core/api';
import { isRefused, isSignedOut, sentenceOf } from './problem';

const problem = (status: number, detail: string) => ({
  status,
  data: { type: 'about:blank', title: 'Problem', status, detail },
});

describe('an error of a request', () => {
  it('is the server’s own sentence, whether it came as text or as an object', () => {
    expect(sentenceOf(problem(422, 'That has not happened yet.'))).toBe('That has not happened yet.');
    const asText = {
      ...problem(422, 'Check the time.'),
      data: JSON.stringify(problem(422, 'Check the time.').data),
    };
    expect(sentenceOf(asText)).toBe('Check the time.');
  });

  it.each([
    ['nothing', undefined],
    ['no answer', { status: 'FETCH_ERROR' as const, error: 'Failed to fetch' }],
    ['a page of HTML', { status: 502, data: '<html>Bad gateway</html>' }],
    ['another shape', { status: 500, data: { message: 'oops' } }],
  ])('%s is told as out of reach', (_what, error) =>
    expect(sentenceOf(error)).toMatch(/^The kitchen’s server cannot be reached\./),
  );

  it.each([
    [400, true],
    [413, true],
    [422, true],
    [401, false],
    [408, false],
    [429, false],
    [500, true],
    [502, false],
    [503, false],
  ])('%d is refused for good: %s', (status, refused) => expect(isRefused(problem(status, ''))).toBe(refused));

  it('tells signed out from out of reach', () => {
    expect(isSignedOut(problem(401, 'Sign in first.'))).toBe(true);
    expect(isSignedOut(problem(503, ''))).toBe(false);
    const elsewhere = problem(401, 'Another kitchen is open on this device now. Reload the page.');
    expect(isSignedOut({ ...elsewhere, data: { ...elsewhere.data, type: ANOTHER_KITCHEN } })).toBe(false);
    expect(isRefused({ status: 'FETCH_ERROR', error: '' })).toBe(false);
  });
});
