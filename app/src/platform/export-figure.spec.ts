import { figureAsSvg } from './export-figure';

describe('a drawing as a file', () => {
  it('brings its styles along, and its ground, and nothing of the page', () => {
    document.body.innerHTML = `
      <style>.bar { fill: rgb(213, 82, 42); opacity: 0.5 }</style>
      <svg aria-hidden="true" viewBox="0 0 10 10"><rect class="bar" width="5" height="5" /><text x="1">94 mm</text></svg>`;
    const drawn = document.querySelector('svg');
    if (!drawn) throw new Error('no drawing');
    const text = figureAsSvg(drawn);
    const file = new DOMParser().parseFromString(text, 'image/svg+xml');
    expect(file.querySelector('parsererror')).toBeNull();
    const [ground, bar] = file.querySelectorAll('rect');
    expect(ground.getAttribute('width')).toBe('100%');
    expect(bar.getAttribute('style')).toContain('fill:rgb(213, 82, 42)');
    expect(bar.getAttribute('class')).toBeNull();
    expect(file.documentElement.getAttribute('aria-hidden')).toBeNull();
    expect(file.querySelector('text')?.textContent).toBe('94 mm');
    // the drawing on the page is left as it was
    expect(drawn.querySelector('.bar')?.getAttribute('style')).toBeNull();
  });
});
