import fc from 'fast-check';

/** Where in a text, 0–1: any place as likely as another, which numbers drawn as doubles are not. */
const share = fc.nat(999_999).map((n) => n / 1e6);

/** One thing done to a text that is meant to be read: what hands, disks and other programs do to files. */
type Mutation = (text: string, at: number, salt: number) => string;

const ODD = [
  'null',
  '-1',
  '1e999',
  '""',
  '[]',
  '{}',
  '"\u0000"',
  '\ud800',
  '=1+1',
  "'",
  '\n',
  '"',
  ',',
  '<',
  '&x;',
  '-9999',
  '9'.repeat(40),
];

const MUTATIONS: Mutation[] = [
  // cut off, a piece out, a piece twice, a character other, something odd put in
  (text, at) => text.slice(0, at),
  (text, at, salt) => text.slice(0, at) + text.slice(at + 1 + (salt % 60)),
  (text, at, salt) => text.slice(0, at + (salt % 200)) + text.slice(at),
  (text, at, salt) => text.slice(0, at) + String.fromCharCode(salt % 0x250) + text.slice(at + 1),
  (text, at, salt) => text.slice(0, at) + ODD[salt % ODD.length] + text.slice(at),
  // a value of its own kind become another: the number or word that follows
  (text, at, salt) => text.slice(0, at) + text.slice(at).replace(/-?\d+(\.\d+)?|"[^"]*"/, () => ODD[salt % ODD.length]),
];

/** A text with one to three things done to it. */
export const mutantOf = (text: string): fc.Arbitrary<string> =>
  fc
    .array(fc.tuple(fc.constantFrom(...MUTATIONS), share, fc.nat(1_000_000)), {
      minLength: 1,
      maxLength: 3,
    })
    .map((done) => done.reduce((t, [mutate, share, salt]) => mutate(t, Math.floor(share * t.length), salt), text));

const ODD_VALUES: unknown[] = [
  null,
  -1,
  0,
  1e308,
  1.5,
  '',
  'x'.repeat(100),
  ' name\n',
  '=1+1',
  '\ud800',
  true,
  [],
  {},
  [null],
  '9999-12-31',
  undefined,
];

/** JSON with one to three of its values become something else, or gone. */
export const valueMutantOf = (text: string): fc.Arbitrary<string> =>
  fc
    .array(fc.tuple(share, fc.constantFrom(...ODD_VALUES), fc.boolean()), {
      minLength: 1,
      maxLength: 3,
    })
    .map((changes) => {
      const raw: unknown = JSON.parse(text);
      const places = placesIn(raw);
      for (const [at, value, nudged] of changes) {
        const { holder, key } = places[Math.floor(at * places.length)];
        const was = holder[key];
        holder[key] = nudged && typeof was === 'number' ? was * 1.1 : structuredClone(value); // a nudge is often taken
      }
      return JSON.stringify(raw);
    });

interface Place {
  holder: Record<string, unknown>;
  key: string;
}
const placesIn = (raw: unknown): Place[] =>
  typeof raw === 'object' && raw !== null
    ? Object.keys(raw).flatMap((key) => {
        const holder = raw as Record<string, unknown>;
        return [{ holder, key }, ...placesIn(holder[key])];
      })
    : [];
