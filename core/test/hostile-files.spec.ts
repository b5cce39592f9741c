import { DEEPEST_JSON, exportArchive, importArchive, LONGEST_JSON_LIST } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { readWeights } from '../src/domain/kit';
import { readRackCsv, readDishCsv, writeDishCsv } from '../src/output/tables';
import { DISHES } from '../src/domain/menu';
import { tripSchema, type Trip } from '../src/domain/model';
import { addDays, layOutTrip, lengthKm, readGpx, trailLine, writeGpxWaypoints } from '../src/domain/trail';
import { writeIcs } from '../src/output/calendar';
import { READERS, spoil } from './hostile-files';
import { problemOf, valueOf } from './value-of';

describe('spoilt files', () => {
  // `npm run fuzz` tries ten thousand
  it.each(READERS.map((r) => [r.name, r] as const))('are taken whole or refused with a code, and never throw: %s', (_name, reader) => {
    expect(() => spoil(reader, 40)).not.toThrow();
  });
});

describe('the place of a fault', () => {
  const good = exportArchive([{ trip: DEMO_TRIP, archived: false }]);
  const at = (text: string) => problemOf(importArchive(text));

  it('is the bad token of a JSON file, not its end', () => {
    const lines = good.split('\n');
    lines[144] = lines[144].replace(/:.*/, ': oops,');
    const column = lines[144].indexOf('oops') + 1;
    expect(at(lines.join('\n'))).toEqual({ code: 'notJson', line: 145, column });
    expect(at(good.slice(0, 300))).toMatchObject({ code: 'notJson', line: good.slice(0, 300).split('\n').length });
    expect(at('x'.repeat(1000))).toEqual({ code: 'notJson', line: 1, column: 1 });
    expect(at('{"a":1} x')).toEqual({ code: 'notJson', line: 1, column: 9 });
  });

  it('is where a file is nested too deep or a list too long, found before it is parsed', () => {
    expect(at('['.repeat(5_000_000))).toEqual({ code: 'beyondBounds', what: 'depth', line: 1, column: DEEPEST_JSON + 1 });
    const nested = `{"format":"restless-tinder","version":${'['.repeat(20_000)}${']'.repeat(20_000)}}`;
    expect(at(nested)).toMatchObject({ code: 'beyondBounds', what: 'depth' });
    expect(at(`{"trips":[\n${'0,'.repeat(LONGEST_JSON_LIST)}0]}`)).toEqual({
      code: 'beyondBounds',
      what: 'list',
      line: 2,
      column: 2 * LONGEST_JSON_LIST,
    });
    expect(at(`{\n"a":"${'\\\\'.repeat(5_000_000)}`)).toEqual({ code: 'beyondBounds', what: 'text', line: 2, column: 5 });
    // brackets and commas in texts are none
    expect(at(`{"a":"${'[,'.repeat(9000)}\\"${'{'.repeat(99)}"}`)).toEqual({ code: 'otherFormat' });
  });

  it('is the line of the file in a table with blank lines and cells of two lines', () => {
    const [heading, row] = writeDishCsv([DISHES[0]]).split('\r\n');
    const bad = row.replace(DISHES[0].method, 'telepathy');
    const twoLines = row.replace(DISHES[0].name, '"first\nsecond"');
    expect(valueOf(readDishCsv([heading, '', '', twoLines, row, bad].join('\n'))).bad.map((b) => b.line)).toEqual([7]);
  });
});

describe('a track', () => {
  const gpx = (heights: readonly (number | string)[], head = '') =>
    `<?xml version="1.0"?>${head}<gpx version="1.1"><trk><trkseg>${heights
      .map((h, i) => `<trkpt lat="${46 + i / 50}" lon="7"><ele>${h}</ele></trkpt>`)
      .join('\n')}</trkseg></trk></gpx>`;

  it.each([-9999, -32768, 9500])('leaves out a height of %d, says so, and makes a trip that can be kept', (height) => {
    const read = valueOf(readGpx(gpx([800, height, 900, height])));
    expect(read.voidHeights).toBe(2);
    const line = trailLine(read.lines[0].points);
    expect(line.altitudeM).toEqual([800, 800, 900, 900]);
    const trip = valueOf(layOutTrip(DEMO_TRIP, line, [], { kind: 'km', kmPerDay: 20 }, (n) => `s${n}`));
    expect(tripSchema.safeParse(trip).success).toBe(true);
    expect(lengthKm(line)).toBeGreaterThan(6);
  });

  it.each(['1e308', '-1e308', 'Infinity', '', 'high'])('is refused with a height of “%s”', (height) => {
    expect(problemOf(readGpx(gpx([800, height])))).toMatchObject({ code: 'badHeight', line: 2 });
  });

  it('is refused when it is nested beyond reason or declares entities', () => {
    expect(problemOf(readGpx(`<gpx>${'<a>'.repeat(100_000)}`))).toMatchObject({ code: 'tooDeep' });
    expect(problemOf(readGpx(gpx([1, 2], '<!DOCTYPE gpx [<!ENTITY a "aaaa">]>')))).toEqual({ code: 'doctype' });
  });
});

describe('what is written', () => {
  const odd: Trip = {
    ...DEMO_TRIP,
    id: 'a\r\nATTENDEE:b',
    name: 'half \ud800 and\u0000 <b>',
    startDate: '9999-12-20',
    stops: DEMO_TRIP.stops.map((s) => ({ ...s, name: `${s.name}\nDTSTART:19700101`, at: { latitudeDeg: 46, longitudeDeg: 7 } })),
  };

  it('as a calendar has no line that a name made, and no day after the last', () => {
    const text = writeIcs(odd, '2027-06-01T08:00:00Z');
    const lines = text.replaceAll('\r\n ', '').split('\r\n');
    expect(lines.filter((l) => /^(ATTENDEE|DTSTART:)/.test(l))).toEqual([]);
    expect(lines.find((l) => l.startsWith('UID:'))).toMatch(/^UID:a ATTENDEE:b-/);
    expect(lines.filter((l) => l.startsWith('DTSTART')).at(-1)).toBe('DTSTART;VALUE=DATE:99991231');
    expect(addDays('9999-12-31', 400)).toBe('9999-12-31');
  });

  it('as waypoints is well-formed, whatever is in a name', () => {
    const text = writeGpxWaypoints(odd) ?? '';
    expect(valueOf(readGpx(text)).waypoints[0].name).toBe('Nettle Hut DTSTART:19700101');
    expect(text).toContain('<name>half \uFFFD and &lt;b&gt;</name>');
  });
});

describe('a pasted list', () => {
  it('refuses a line that no list has, and reads the others', () => {
    const { good, bad } = readWeights(`pot 90 g\n${' '.repeat(16_000)}x\nspoon ${' '.repeat(900)} 12`);
    expect(good.map((p) => [p.name, p.massG])).toEqual([
      ['pot', 90],
      ['spoon', 12],
    ]);
    expect(bad).toMatchObject([{ line: 2, why: 'tooLong' }]);
  });

  it('names no kit with nothing', () => {
    const read = valueOf(readRackCsv('kit,piece\n"\u0000",x\n', DEMO_RACK, () => 'new'));
    expect([read.count, read.bad[0].cells[0]]).toEqual([0, { code: 'empty', column: 'kit' }]);
  });
});
