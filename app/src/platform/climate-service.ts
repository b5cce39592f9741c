import { Injectable, signal } from '@angular/core';
import { answerClimate, climateAnswerSchema, type SimulatedClimate } from '@tinder/core/physics/climate';
import type { Trip } from '@tinder/core/domain/model';
import { climateQuery } from '@tinder/core/domain/trail';

/** Asks the climate service for a trip's days; where it cannot be reached the same code answers here. Simulated either way. */
@Injectable({ providedIn: 'root' })
export class ClimateService {
  private readonly answeredBySignal = signal<'service' | 'here' | undefined>(undefined);
  /** Who answered last. */
  readonly answeredBy = this.answeredBySignal.asReadonly();

  async ask(trip: Trip): Promise<SimulatedClimate[]> {
    const query = climateQuery(trip);
    try {
      const response = await fetch('/api/climate', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(query),
      });
      const answers = climateAnswerSchema.parse(await response.json());
      this.answeredBySignal.set('service');
      return answers;
    } catch {
      this.answeredBySignal.set('here'); // offline, or an answer that cannot be trusted
      return answerClimate(query);
    }
  }
}
