import ICAL from 'ical.js';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Papa from 'papaparse';
import { importArchive, importLog } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { readDishCsv, readRackCsv, readShelfCsv } from '../src/output/tables';
import { EXAMPLES } from './examples';
import { valueOf } from './value-of';

const FOLDER = path.join(__dirname, '../../docs/formats/examples');
const example = (name: string): string => readFileSync(path.join(FOLDER, name), 'utf8');
let n = 0;
const newId = (): string => `new-${n++}`;

describe('the published examples', () => {
  it.each(Object.keys(EXAMPLES))('%s is what is written today (run "npm run examples" after a change)', (name) => {
    expect(example(name)).toBe(EXAMPLES[name]());
  });

  it('are all of them: no file lies there that nothing is held against', () => {
    const tracks = ['ridge.geojson', 'ridge.gpx', 'ridge.kml']; // read in tracks.spec.ts
    expect(readdirSync(FOLDER).sort()).toEqual([...Object.keys(EXAMPLES), ...tracks].sort());
  });

  it('are read back as what they were', () => {
    const trip = { trip: DEMO_TRIP, archived: false };
    expect(valueOf(importArchive(example('everything.json')))).toMatchObject({
      trips: [trip],
      rack: DEMO_RACK,
      preferences: { theme: 'day' },
    });
    expect(valueOf(importArchive(example('trip.json')))).toEqual({ trips: [trip] });
    expect(valueOf(importArchive(example('to-look-at.json'))).toLookAt).toBe(true);
    expect(valueOf(importArchive(example('rack.json'))).rack).toEqual(DEMO_RACK);
    expect(valueOf(importArchive(example('shelf.json'))).shelf).toEqual(DEMO_RACK.shelf);
    expect(valueOf(importArchive(example('bench.json'))).bench).toEqual(DEMO_RACK.bench);
    expect(valueOf(importLog(example('log.json'), DEMO_TRIP.id))).toEqual(DEMO_TRIP.walk?.log);
  });

  it('change nothing where all they hold is there already', () => {
    for (const name of ['pieces.csv', 'kits.csv', 'scores.csv']) {
      const { rack, bad } = valueOf(readRackCsv(example(name), DEMO_RACK, newId));
      expect([name, rack, bad]).toEqual([name, DEMO_RACK, []]);
    }
    expect(valueOf(readShelfCsv(example('shelf.csv'), DEMO_RACK, newId)).bad).toEqual([]);
    expect(valueOf(readDishCsv(example('dishes.csv'))).bad).toEqual([]);
  });

  it('are calendars and tables to parsers that others wrote', () => {
    const events = new ICAL.Component(ICAL.parse(example('resupply.ics')) as unknown[]).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(4);
    for (const name of ['load-outs.csv', 'burns.csv', 'log.csv']) {
      const { data, errors } = Papa.parse<string[]>(example(name), { skipEmptyLines: true });
      expect([name, errors, new Set(data.map((row) => row.length)).size]).toEqual([name, [], 1]);
    }
  });
});
