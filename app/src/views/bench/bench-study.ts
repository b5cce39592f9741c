import { computed, inject, Injectable, signal } from '@angular/core';
import { answerOf, testedBurners, type Answer, type TestedBurner } from '@tinder/core/studies/bench';
import { build, rackWithBurner, tripKitOf, tripWithBurner } from '@tinder/core/domain/kit';
import type { Bench, BenchTest, Calibration, Kit, TestSeries } from '@tinder/core/domain/model';
import { Done } from '../../store/done';
import { WorkspaceStore } from '../../store/workspace-store';
import { testWords } from '../../words/bench-words';
import { Units } from '../../words/units';

/** A kit that can be burnt at the bench. */
export interface BenchKit {
  id: string;
  name: string;
  kit: Kit;
}
/** A question with its answer, and its burns in the order they were burnt. */
export interface Asked {
  series: TestSeries;
  tests: BenchTest[];
  answer: Answer;
}

/** The trip's own kit among those that can be burnt. */
export const TRIP_KIT = 'trip';

/** The bench as it stands, and every edit of it. */
@Injectable({ providedIn: 'root' })
export class BenchStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly done = inject(Done);
  private readonly units = inject(Units);

  readonly bench = computed(() => this.store.rack().bench);
  readonly asked = computed((): Asked[] => {
    const { series, tests } = this.bench();
    return series.map((s) => ({ series: s, tests: tests.filter((t) => t.seriesId === s.id), answer: answerOf(s, tests) }));
  });

  /** The trip's kit first, then those of the rack that burn something. */
  readonly kits = computed((): BenchKit[] => {
    const { rack, trip } = { rack: this.store.rack(), trip: this.store.trip() };
    const built = rack.kits.flatMap((k): BenchKit[] => {
      const kit = tripKitOf(build(rack, k));
      return kit.ok && kit.value.burnerId !== 'none' ? [{ id: k.id, name: k.name, kit: kit.value }] : [];
    });
    const name = rack.kits.find((k) => k.id === trip.rackKitId)?.name ?? 'the trip’s kit';
    const own = { id: TRIP_KIT, name, kit: trip.kit };
    return trip.kit.burnerId === 'none' ? built : [own, ...built.filter((k) => k.id !== trip.rackKitId)];
  });
  readonly tripKitName = computed(() => this.kits()[0]?.name ?? 'the trip’s kit');

  readonly burners = computed((): TestedBurner[] => testedBurners(this.bench().tests));
  private readonly chosenBurner = signal<string | undefined>(undefined);
  /** The burner that is looked at: the one tested most until another is chosen. */
  readonly burner = computed((): TestedBurner | undefined => {
    const list = this.burners();
    return list.find((b) => burnerKey(b) === this.chosenBurner()) ?? list[0];
  });

  chooseBurner(key: string): void {
    this.chosenBurner.set(key);
  }

  edit(label: string, change: (bench: Bench) => Bench): boolean {
    return this.store.editRack(label, (rack) => ({ ...rack, bench: change(rack.bench) }));
  }

  /** Saves a test, and says what came of it. */
  keep(test: BenchTest): boolean {
    const isKept = this.edit('a test', (b) => ({ ...b, tests: [...b.tests, test] }));
    if (isKept) this.done.tell(`Test saved: ${testWords(test, this.units)}. “Your stove” counts it.`);
    return isKept;
  }

  editTest(label: string, id: string, change: (t: BenchTest) => BenchTest): void {
    this.edit(label, (b) => ({ ...b, tests: b.tests.map((t) => (t.id === id ? change(t) : t)) }));
  }

  removeTest(id: string): void {
    if (this.edit('delete a test', (b) => ({ ...b, tests: b.tests.filter((t) => t.id !== id) }))) this.done.tell('The test is deleted.');
  }

  editSeries(label: string, id: string, change: (s: TestSeries) => TestSeries): void {
    this.edit(label, (b) => ({ ...b, series: b.series.map((s) => (s.id === id ? change(s) : s)) }));
  }

  /** A question goes with its burns. */
  removeSeries(id: string): void {
    const isDeleted = this.edit('delete a question', (b) => ({
      ...b,
      series: b.series.filter((s) => s.id !== id),
      tests: b.tests.filter((t) => t.seriesId !== id),
    }));
    if (isDeleted) this.done.tell('The question and its tests are deleted.');
  }

  /** Every kit and every trip in the library runs on this burner as it was found to be; without a calibration, as the catalogue has it. */
  adopt(of: Calibration['of'], calibration: Calibration | undefined): void {
    this.store.edit(calibration ? 'use my own stove' : 'back to the catalogue’s stove', (w) => ({
      ...w,
      rack: rackWithBurner(w.rack, of, calibration),
      library: w.library.map((s) => {
        const trip = tripWithBurner(s.trip, of, calibration);
        return trip === s.trip ? s : { ...s, trip };
      }),
    }));
  }
}

/** A burner on the bench by what it is and where it was burnt. */
export const burnerKey = ({ of, garden }: Pick<TestedBurner, 'of' | 'garden'>): string =>
  `${of.burnerId} ${of.potDiameterMm} ${of.potBase} ${garden ?? ''}`;
