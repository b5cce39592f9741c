/** What can hurt someone here: data, raised by conditions, put into words beside the thing. */
export type Caution =
  | { code: 'screenAroundCan' }
  | { code: 'invisibleFlame' }
  | { code: 'refuelCold' }
  | { code: 'methanol' }
  | { code: 'carbonMonoxide' }
  | { code: 'hotCan'; canC: number }
  | { code: 'turnCanWhenHot' }
  | { code: 'primeOutside' }
  | { code: 'bathNotHot' }
  | { code: 'meltingSleeve' }
  | { code: 'overfull'; waterMl: number; roomMl: number }
  | { code: 'tallOnNarrow'; heightMm: number; spanMm: number }
  | { code: 'openFlameBan' }
  | { code: 'jointLeaks' };
