import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { DATABASE_NAME } from '../store/database';
import { SettingsStore } from '../store/settings-store';
import { CHECKED_HERE } from '../store/visits.spec-help';
import { FigureField, HeatField, WordsField } from './kept-field';

@Component({
  imports: [FigureField, HeatField, WordsField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <input
      id="heat"
      [orvFigure]="celsius()"
      [lowest]="100"
      [highest]="300"
      unit="°C"
      keptAs="heat"
      (figureSaid)="celsius.set($event)"
    />
    <input
      id="dial"
      #dial="orvHeat"
      [orvHeat]="dialled()"
      [lowest]="100"
      [highest]="300"
      keptAs="dial"
      (heatSaid)="dialled.set($event)"
    />
    <output>{{ dial.unit() }}</output>
    <input id="lid" [orvWords]="lid()" [refuses]="refuses" keptAs="lid" (wordsSaid)="lid.set($event)" />
    <button type="button">next</button>
  `,
})
class Kitchen {
  readonly celsius = signal<number | undefined>(180);
  readonly dialled = signal<number | undefined>(180);
  readonly lid = signal('');
  readonly refuses = (words: string) => (words.startsWith('lid') ? '' : 'Write a lid.');
}

describe('a field whose words count once they are confirmed', () => {
  let kitchen: ComponentFixture<Kitchen>;
  const field = (id = 'heat') => {
    const found = (kitchen.nativeElement as HTMLElement).querySelector<HTMLInputElement>(`#${id}`);
    if (!found) throw new Error(`no field ${id}`);
    return found;
  };
  const said = (id = 'heat') => document.getElementById(field(id).getAttribute('aria-describedby') ?? '')?.textContent;
  async function opens(): Promise<void> {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), CHECKED_HERE, { provide: DATABASE_NAME, useValue: 'test-fields' }],
    });
    kitchen = TestBed.createComponent(Kitchen);
    document.body.append(kitchen.nativeElement as HTMLElement);
    await kitchen.whenStable();
  }
  async function types(words: string, id = 'heat'): Promise<void> {
    field(id).value = words;
    field(id).dispatchEvent(new Event('input'));
    await kitchen.whenStable();
  }
  async function confirms(id = 'heat'): Promise<void> {
    field(id).dispatchEvent(new Event('change'));
    await kitchen.whenStable();
  }

  beforeEach(async () => {
    sessionStorage.clear();
    await opens();
  });
  afterEach(() => {
    kitchen.destroy();
    (kitchen.nativeElement as HTMLElement).remove();
    sessionStorage.clear();
  });

  it('says nothing while it is typed, and the figure once', async () => {
    await types('1');
    expect(said()).toBeUndefined();
    expect(kitchen.componentInstance.celsius()).toBe(180);
    await types('175,5');
    await confirms();
    expect(kitchen.componentInstance.celsius()).toBe(175.5);
    expect(field().value).toBe('175.5');
  });

  it('leaves what cannot be standing, with why and the bounds, and the figure before in force', async () => {
    await types('−20');
    await confirms();
    expect(field().value).toBe('−20');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(said()).toContain('Too low: 100 to 300 °C.');
    expect(kitchen.componentInstance.celsius()).toBe(180);
    await types('2000');
    await confirms();
    expect(said()).toContain('Too high');
    await types('190');
    await confirms();
    expect(field().getAttribute('aria-invalid')).toBeNull();
    expect(kitchen.componentInstance.celsius()).toBe(190);
  });

  it('what was refused, and what was not confirmed, outlives a reload; Escape takes it back', async () => {
    await types('warm');
    await confirms();
    await types('foil', 'lid');
    kitchen.destroy();
    await opens();
    expect(field().value).toBe('warm');
    expect(said()).toContain('Write a figure');
    expect(field('lid').value).toBe('foil');
    expect(said('lid')).toContain('Write a lid.');
    field().dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    await kitchen.whenStable();
    expect(field().value).toBe('180');
    expect(field().getAttribute('aria-invalid')).toBeNull();
  });

  it('what could be taken and was not is said so, and Enter takes it', async () => {
    await types('210');
    kitchen.destroy();
    await opens();
    expect(field().value).toBe('210');
    expect(said()).toContain('press Enter');
    field().dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await kitchen.whenStable();
    expect(kitchen.componentInstance.celsius()).toBe(210);
  });

  it('what was typed over a figure is past when that figure is another, as after undo', async () => {
    await types('999');
    await confirms();
    kitchen.componentInstance.celsius.set(160);
    await kitchen.whenStable();
    expect(field().value).toBe('160');
    expect(field().getAttribute('aria-invalid')).toBeNull();
  });

  it('may be emptied', async () => {
    await types('');
    await confirms();
    expect(kitchen.componentInstance.celsius()).toBeUndefined();
    expect(field().value).toBe('');
  });

  describe('for a heat', () => {
    const region = (of: 'US' | 'UK') => {
      TestBed.inject(SettingsStore).set({ region: of });
      return kitchen.whenStable();
    };
    const writes = async (words: string) => {
      await types(words, 'dial');
      await confirms('dial');
    };
    const unit = () => (kitchen.nativeElement as HTMLElement).querySelector('output')?.textContent;

    it('goes by the baker’s oven: an American’s 350 is 350, and stays so', async () => {
      await region('US');
      expect([field('dial').value, unit()]).toEqual(['355', '°F']);
      await writes('350');
      expect(kitchen.componentInstance.dialled()).toBeCloseTo(176.67, 2);
      expect(field('dial').value).toBe('350');
      await writes('180 C');
      expect(kitchen.componentInstance.dialled()).toBe(180);
    });
    it('takes another scale where it is written, and never drops an F', async () => {
      await region('UK');
      expect([field('dial').value, unit()]).toEqual(['180', '°C']);
      await writes('275F');
      expect(kitchen.componentInstance.dialled()).toBe(135);
      expect(field('dial').value).toBe('135');
      await writes('gas 6');
      expect(kitchen.componentInstance.dialled()).toBe(200);
    });
    it('refuses a heat that no oven has, on the scale of the baker’s', async () => {
      await region('US');
      await writes('50');
      expect(said('dial')).toContain('Too low: 212 to 572 °F.');
      await writes('350 fan');
      expect(said('dial')).toContain('Write a heat alone: “180 C”, “350 F” or “gas 4”.');
      expect(kitchen.componentInstance.dialled()).toBe(180);
    });
  });
});
