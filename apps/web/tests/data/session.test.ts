/** What a page shows with a change, and where it goes after signing in. */
import { changeToken } from '../../src/data/session/changeToken.js';
import { placeAfter } from '../../src/data/session/goOn.js';

test.each([
  ['session', 'lotus-session-token-4310=abc', '4310', 'abc'],
  ['session', 'other=1; __Host-lotus-session-token-4311=def', '4311', 'def'],
  ['session', 'lotus-session-token=ghi', '', 'ghi'],
  // Two servers on one computer.
  ['session', 'lotus-session-token-1=one; lotus-session-token-2=two', '2', 'two'],
  // Served by another port than answers.
  ['session', 'lotus-session-token-4310=abc', '5173', 'abc'],
  ['mine', 'lotus-session-token-4310=abc; lotus-mine-token-4310=hers', '4310', 'hers'],
  ['mine', 'lotus-session-token-4310=abc', '4310', undefined],
  ['session', 'not-lotus-session-token-4310=abc', '4310', undefined],
  ['session', '', '4310', undefined],
] as const)('%s of "%s" at port %s: %s', (kind, cookies, port, token) => {
  expect(changeToken(kind, cookies, port)).toBe(token);
});

test.each([
  ['', '/classes'],
  ['?then=%2Fpeople%3Forder%3Dcame', '/people?order=came'],
  ['?then=https%3A%2F%2Fevil.example', '/classes'],
  ['?then=%2F%2Fevil.example', '/classes'],
  ['?then=%2F%5Cevil.example', '/classes'],
  ['?then=javascript%3Aalert(1)', '/classes'],
])('after signing in with %s one is at %s', (search, place) => {
  expect(placeAfter(search)).toBe(place);
});
