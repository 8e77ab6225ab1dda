import { TestBed } from '@angular/core/testing';
import { rendered, wordsOf } from '../parts/rendered.spec-help';
import { SpokenVerdict } from './spoken-verdict';

/** Longer than hands rest between two keystrokes, ms. */
const RESTED = 1000;

describe('the verdict, for whom hears the screen', () => {
  const within = { quantity: 'flour', severity: 'none' } as const;
  const sweet = { quantity: 'sugar', severity: 'note' } as const;

  beforeEach(() => jasmine.clock().install().mockDate());
  afterEach(() => jasmine.clock().uninstall());

  it('is silent when the station opens, and says once what a change did, when the hands rest', async () => {
    TestBed.configureTestingModule({});
    const ear = rendered(SpokenVerdict, { ledger: { lead: '3.2 g', leadWord: 'soda left over' }, verdicts: [within], findings: [] }); // prettier-ignore
    const heard: string[] = [];
    const watch = new MutationObserver(() => heard.push(wordsOf(ear)));
    watch.observe(ear.nativeElement as HTMLElement, { characterData: true, childList: true, subtree: true });
    jasmine.clock().tick(RESTED);
    expect(wordsOf(ear)).toBe('');
    // three keystrokes
    for (const lead of ['2 g', '1.4 g', '1 g']) {
      ear.componentRef.setInput('ledger', { lead, leadWord: 'soda left over' });
      TestBed.tick();
    }
    ear.componentRef.setInput('verdicts', [within, sweet]);
    ear.componentRef.setInput('findings', [{ severity: 'warning' }]);
    TestBed.tick();
    jasmine.clock().tick(RESTED);
    await ear.whenStable();
    expect(wordsOf(ear)).toBe('1 g soda left over; outside its band: sugar; 1 to look at');
    // told by the observer in a turn of its own
    await Promise.resolve();
    expect(new Set(heard.filter((words) => words !== '')).size).toBe(1);
    watch.disconnect();
  });
});
