import { TestBed } from '@angular/core/testing';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { rendered } from '../parts/rendered.spec-help';
import { until } from '../store/visits.spec-help';
import { Keyboard } from './keyboard';
import { PicturesDialog } from './pictures-dialog';

describe('the pictures of a screen', () => {
  const { withAtHand } = demoKitchen();
  const DRAWING = (name: string) =>
    `<svg data-picture="${name}" width="120" height="80"><rect width="120" height="80"/></svg>`;
  let station: HTMLElement;
  beforeEach(async () => {
    await withAtHand('pear-cardamom-loaf');
    station = document.createElement('main');
    station.id = 'station';
    document.body.append(station);
  });
  afterEach(() => {
    TestBed.inject(Keyboard).picturesOpen.set(false);
    station.remove();
  });
  /** The dialog stands outside of what holds it. */
  const offered = () => [...document.querySelectorAll('orv-pictures-dialog li b, .p-dialog li b')].map((name) => name.textContent); // prettier-ignore
  const said = () => document.querySelector('.p-dialog [role=status]')?.textContent.trim() ?? '';
  const opens = () => {
    rendered(PicturesDialog);
    TestBed.inject(Keyboard).picturesOpen.set(true);
  };

  it('are those of the station that comes, where it was opened on the way to one', async () => {
    station.innerHTML = DRAWING('Acid and soda');
    opens();
    await until(() => (TestBed.tick(), offered().includes('Acid and soda')));
    station.innerHTML = `${DRAWING('Heat')}${DRAWING('Rise')}`;
    await until(() => (TestBed.tick(), offered().length === 2));
    expect(offered()).toEqual(['Heat', 'Rise']);
    station.innerHTML = '<p>no drawing</p>';
    await until(() => (TestBed.tick(), said() === 'Nothing is drawn on this screen.'));
    expect(offered()).toEqual([]);
  });
  it('are found again when it is opened while it still closes', async () => {
    station.innerHTML = DRAWING('Acid and soda');
    opens();
    await until(() => (TestBed.tick(), offered().length === 1));
    const { picturesOpen } = TestBed.inject(Keyboard);
    picturesOpen.set(false);
    TestBed.tick();
    station.innerHTML = '';
    picturesOpen.set(true);
    await until(() => (TestBed.tick(), said() === 'Nothing is drawn on this screen.'));
    expect(offered()).toEqual([]);
  });
});
