import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../testing/until';
import { Opened } from './opened';

@Component({
  imports: [Opened],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details appOpened #shut="opened">
      <summary>shut</summary>
      @if (shut.once()) {
        <b>inside</b>
      }
    </details>
    <details appOpened #open="opened" open>
      <summary>open</summary>
      @if (open.once()) {
        <i>seen</i>
      }
    </details>
  `,
})
class Host {}

it('what stands under a summary is built when it is first opened, and stays', async () => {
  const fixture = TestBed.createComponent(Host);
  fixture.autoDetectChanges();
  const element = fixture.nativeElement as HTMLElement;
  document.body.append(element);
  const [shut] = element.querySelectorAll('details');
  await until(() => element.querySelector('i') !== null, 'what is open from the start');
  expect(element.querySelector('b')).toBeNull();
  shut.open = true;
  await until(() => element.querySelector('b') !== null, 'what is opened');
  const inside = element.querySelector('b');
  shut.open = false;
  await until(() => !shut.open, 'it to be shut');
  expect(element.querySelector('b')).toBe(inside);
});
