import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { FocusKeeper } from './focus-keeper';

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main id="station" tabindex="-1">
      <ul>
        @for (row of rows(); track row) {
          <li>
            <button type="button" [id]="row.name" [disabled]="off() === row.name">{{ row.name }}</button>
          </li>
        }
      </ul>
      @if (next()) {
        <button type="button" id="forward" data-goes-on>It is in</button>
      }
    </main>
  `,
})
class List {
  readonly rows = signal(['plums', 'butter', 'sugar'].map((name) => ({ name })));
  readonly off = signal('');
  readonly next = signal(false);
}

describe('the focus, when what had it is gone', () => {
  let list: ComponentFixture<List>;
  const focused = () => document.activeElement?.id;
  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    list = TestBed.createComponent(List);
    document.body.append(list.nativeElement as HTMLElement);
    TestBed.inject(FocusKeeper);
    await list.whenStable();
  });
  afterEach(() => {
    (list.nativeElement as HTMLElement).remove();
  });
  async function loses(row: string): Promise<void> {
    document.getElementById(row)?.focus();
    list.componentInstance.rows.update((rows) => rows.filter(({ name }) => name !== row));
    await list.whenStable();
  }

  it('goes on to what came next', async () => {
    await loses('butter');
    expect(focused()).toBe('sugar');
  });
  it('goes to what goes on, where the screen has such: nobody is sent to what merely follows', async () => {
    list.componentInstance.next.set(true);
    await list.whenStable();
    await loses('butter');
    expect(focused()).toBe('forward');
  });
  it('goes back when nothing follows', async () => {
    await loses('sugar');
    expect(focused()).toBe('butter');
  });
  it('goes to the station when nothing is left', async () => {
    await loses('plums');
    await loses('butter');
    await loses('sugar');
    expect(focused()).toBe('station');
  });
  it('stays with what is drawn anew, known by its id, wherever it stands now', async () => {
    const before = document.getElementById('butter');
    before?.focus();
    list.componentInstance.rows.update((rows) => rows.map((row) => ({ ...row })));
    await list.whenStable();
    expect(before?.isConnected).toBeFalse();
    expect(focused()).toBe('butter');
  });
  it('goes on when a button can no longer be pressed', async () => {
    document.getElementById('plums')?.focus();
    list.componentInstance.off.set('plums');
    await list.whenStable();
    expect(focused()).toBe('butter');
  });
  it('stays nowhere when the baker put it nowhere', async () => {
    document.getElementById('plums')?.focus();
    document.getElementById('plums')?.blur();
    list.componentInstance.rows.update((rows) => [...rows, { name: 'salt' }]);
    await list.whenStable();
    expect(document.activeElement).toBe(document.body);
  });
});
