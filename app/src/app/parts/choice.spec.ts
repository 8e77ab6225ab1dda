import { TestBed } from '@angular/core/testing';
import { until } from '../store/visits.spec-help';
import { ChoiceField } from './choice';
import { hostOf, rendered } from './rendered.spec-help';

const CUPS = [
  { id: 'UK', name: 'British cups' },
  { id: 'US', name: 'American cups' },
];

describe('a choice', () => {
  const field = () => {
    const view = rendered(ChoiceField, { options: CUPS, chosen: 'US', ariaLabel: 'Whose cups' });
    const heard: unknown[] = [];
    view.componentInstance.choose.subscribe((chosen) => heard.push(chosen));
    const box = () => hostOf(view).querySelector<HTMLElement>('[role=combobox]');
    return { view, heard, box };
  };
  const options = () => [...document.querySelectorAll<HTMLElement>('[role=option]')];

  it('says what is chosen before its list was ever loaded', () => {
    const { box, view } = field();
    expect(box()?.tagName).toBe('BUTTON');
    expect(box()?.textContent.trim()).toBe('American cups');
    expect(box()?.getAttribute('aria-label')).toBe('Whose cups');
    expect(hostOf(view).querySelector('p-select')).toBeNull();
  });
  it('opens its list by the first key, with the focus in it, and says what was taken', async () => {
    const { box, heard } = field();
    box()?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Tab' }));
    TestBed.tick();
    expect(box()?.getAttribute('aria-busy')).toBeNull();
    box()?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', cancelable: true }));
    await until(() => {
      TestBed.tick();
      return options().length === 2;
    });
    await until(() => document.activeElement === box());
    expect(box()?.getAttribute('aria-label')).toBe('Whose cups');
    options()[0]?.click();
    TestBed.tick();
    expect(heard).toEqual(['UK']);
  });
});
