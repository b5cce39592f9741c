import { unscreenedWindMps, type Wind } from '@tinder/core/physics/burn';
import { Panel } from '../../testing/panel';
import { WindEditor } from './wind-editor';

describe('the wind editor', () => {
  const edit = (wind: Wind) => {
    const panel = new Panel(WindEditor, { label: 'Wind', wind });
    const said: { wind: Wind; gesture?: string | undefined }[] = [];
    panel.fixture.componentInstance.windChange.subscribe((w) => said.push(w));
    return { panel, said };
  };

  it('takes the walker’s words, and turns them into a forecast with about the same wind at the flame', () => {
    const { panel, said } = edit({ kind: 'words', word: 'blown' });
    panel.choose('Wind', 'steady');
    panel.choose('Wind', 'forecast');
    expect(said[0].wind).toEqual({ kind: 'words', word: 'steady' });
    expect(unscreenedWindMps(said[1].wind)).toBeCloseTo(4, 0);
  });

  it('reads a measured speed as the nearest word', async () => {
    const { panel } = edit({ kind: 'flame', mps: 3.4 });
    await panel.settle();
    expect(panel.element.querySelector('.ant-select-selection-item')?.textContent?.trim()).toMatch(/^Moderate, 4\.0\sm\/s$/);
  });

  it('takes a forecast in any unit, in Beaufort’s words, and the kind of camp', () => {
    const { panel, said } = edit({ kind: 'forecast', tenMetreMps: 7, site: 'trees' });
    panel.type('Forecast, typed', '36 km/h');
    panel.choose('Beaufort', '4.34');
    panel.choose('Camp', 'hollow');
    expect(said.map((s) => s.wind)).toEqual([
      { kind: 'forecast', tenMetreMps: 10, site: 'trees' },
      { kind: 'forecast', tenMetreMps: 4.34, site: 'trees' },
      { kind: 'forecast', tenMetreMps: 7, site: 'hollow' },
    ]);
    panel.type('Forecast, typed', '900 mph');
    expect(panel.text).toContain('outside what can be planned here');
    expect(said).toHaveLength(3);
  });
});
