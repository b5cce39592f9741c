import { writeCsv } from './csv';
import type { Bench } from '../../domain/model';
import { conditionsOf, fuelReadG } from '../../studies/bench';

/** Burn tests as a table: a row for every burn, in the units of the core. */
export const TEST_COLUMNS = [
  'id',
  'on',
  'question',
  'side',
  'kit',
  'burnerId',
  'fuelId',
  'potDiameterMm',
  'flameSetting',
  'lidOn',
  'sleeveOn',
  'windscreen',
  'waterMl',
  'waterC',
  'targetC',
  'airC',
  'altitudeM',
  'windMps',
  'canLeftG',
  'canNetG',
  'canC',
  'scaleG',
  'endPoint',
  'end',
  'tries',
  'burntG',
  'seconds',
  'simulated',
  'setAside',
  'note',
] as const;

const yes = (is: boolean): string => (is ? 'yes' : '');

/** Every burn of a bench, RFC 4180. A burn that did not reach its target has no grams: what it used is no measure of anything. */
export const writeTestsCsv = ({ tests, series }: Pick<Bench, 'tests' | 'series'>): string =>
  writeCsv(
    TEST_COLUMNS,
    tests.map((t) => {
      const { setup } = t;
      const { kit, can, target } = setup;
      const question = series.find((s) => s.id === t.seriesId)?.question ?? '';
      const reached = t.end === 'reached';
      return [
        t.id,
        t.on,
        question,
        t.arm ?? '',
        setup.kitName,
        kit.burnerId,
        kit.fuelId,
        kit.pot.diameterMm,
        kit.flameSetting,
        yes(kit.lidOn),
        yes(kit.sleeveOn),
        kit.windscreen,
        setup.waterMl,
        setup.waterC,
        target.kind === 'boil' ? 'boil' : target.targetC,
        setup.airC,
        setup.altitudeM,
        conditionsOf(setup).windMps,
        can.fuelLeftG,
        can.netG,
        can.canC,
        setup.scale.resolutionG,
        setup.endPoint,
        t.end,
        t.tries,
        reached ? +fuelReadG(t).toFixed(2) : '',
        t.seconds,
        yes(t.garden !== null),
        yes(t.setAside),
        t.note,
      ];
    }),
  );
