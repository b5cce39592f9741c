import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { QuantityField } from './quantity-field';

describe('quantity field', () => {
  let fixture: ComponentFixture<QuantityField>;
  let taken: number[];
  const field = () => (fixture.nativeElement as HTMLElement).querySelector('input') as HTMLInputElement;
  const unit = () => (fixture.nativeElement as HTMLElement).querySelector('.ant-input-suffix');
  const note = () => (fixture.nativeElement as HTMLElement).querySelector('.error, .echo')?.textContent?.replace(/\s+/g, ' ').trim();
  const type = (text: string, key = 'Enter') => {
    field().value = text;
    field().dispatchEvent(new Event('input'));
    fixture.detectChanges();
    field().dispatchEvent(new KeyboardEvent('keydown', { key }));
    fixture.detectChanges();
  };

  beforeEach(() => {
    fixture = TestBed.createComponent(QuantityField);
    for (const [name, value] of Object.entries({ label: 'dinner water', quantity: 'volume', value: 600, limits: { min: 50, max: 5000 } }))
      fixture.componentRef.setInput(name, value);
    taken = [];
    fixture.componentInstance.valueChange.subscribe((v) => {
      taken.push(v);
      fixture.componentRef.setInput('value', v);
    });
    fixture.detectChanges();
  });

  it('shows the preferred unit, takes any other and echoes it', () => {
    expect(field().value).toBe('600');
    type('16 oz');
    expect(taken[0]).toBeCloseTo(473.176, 2);
    expect(note()).toBe('16 fl oz');
    expect(unit()?.textContent).toBe('mL');
    expect(field().value).toBe('473');
  });

  it.each([
    ['a lot', 'There is no number to read here.'],
    ['5 km', '“km” is a distance; here goes a volume'],
    ['-200', 'That is outside what can be planned here: 50 mL to 5,000 mL.'],
    ['', 'Type a volume'],
  ])('refuses "%s" in a sentence and changes nothing', (text, sentence) => {
    type(text);
    expect(note()).toContain(sentence);
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(taken).toEqual([]);
  });

  it('hides its own unit while another is typed, and says it to those who listen', () => {
    expect(field().getAttribute('aria-describedby')).toBe(unit()?.id);
    field().value = '16 o';
    field().dispatchEvent(new Event('input'));
    fixture.detectChanges();
    expect(unit()?.classList).toContain('hidden');
  });

  it('gives back the old value on Escape and nudges with the arrows', () => {
    type('oops', 'Escape');
    expect(field().value).toBe('600');
    type('600', 'ArrowUp');
    expect(taken).toEqual([610]);
  });
});
