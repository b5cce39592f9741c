import { LIMITS, type Shape } from '@tinder/core/domain/model';

const MEASURES: Record<Shape['kind'], { key: string; name: string }[]> = {
  cylinder: [
    { key: 'diameterMm', name: 'across' },
    { key: 'heightMm', name: 'high' },
  ],
  vessel: [
    { key: 'diameterMm', name: 'across' },
    { key: 'heightMm', name: 'high' },
    { key: 'innerDiameterMm', name: 'across inside' },
    { key: 'innerHeightMm', name: 'high inside' },
  ],
  box: [
    { key: 'lengthMm', name: 'long' },
    { key: 'widthMm', name: 'wide' },
    { key: 'heightMm', name: 'high' },
  ],
  sheet: [
    { key: 'lengthMm', name: 'long' },
    { key: 'heightMm', name: 'high' },
    { key: 'thicknessMm', name: 'thick' },
  ],
  soft: [],
};

/** The measures of a form, with the names a walker reads, and what each may be, mm. */
export function measuresOf(shape: Shape) {
  const values: Record<string, unknown> = shape;
  return MEASURES[shape.kind].map((m) => {
    const thin = m.key === 'thicknessMm';
    return { ...m, value: values[m.key] as number, decimals: thin ? 2 : 0, limits: thin ? LIMITS.thicknessMm : LIMITS.sizeMm };
  });
}

/** A form with one measure changed, mm. One that would make it larger inside than outside moves the other along. */
export function withMeasure(was: Shape, key: string, value: number): Shape {
  const shape = { ...was, [key]: value };
  if (shape.kind === 'vessel') {
    const outer = key === 'diameterMm' || key === 'heightMm';
    if (shape.innerDiameterMm > shape.diameterMm) shape[outer ? 'innerDiameterMm' : 'diameterMm'] = value;
    if (shape.innerHeightMm > shape.heightMm) shape[outer ? 'innerHeightMm' : 'heightMm'] = value;
  }
  return shape;
}

/** The same size in another form. */
export function shapeOfKind(kind: Shape['kind'], was: Shape): Shape {
  const across = was.kind === 'cylinder' || was.kind === 'vessel' ? was.diameterMm : was.kind === 'box' ? was.lengthMm : 90;
  const high = was.kind === 'soft' ? 60 : was.heightMm;
  switch (kind) {
    case 'cylinder':
      return { kind, diameterMm: across, heightMm: high };
    case 'vessel':
      return { kind, diameterMm: across, heightMm: high, innerDiameterMm: Math.max(1, across - 1), innerHeightMm: Math.max(1, high - 1) };
    case 'box':
      return { kind, lengthMm: across, widthMm: across / 2, heightMm: high };
    case 'sheet':
      return { kind, lengthMm: 450, heightMm: high, thicknessMm: 0.1 };
    case 'soft':
      return { kind, volumeMl: 30 };
  }
}
