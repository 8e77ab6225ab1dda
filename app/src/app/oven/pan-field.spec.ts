import { TestBed } from '@angular/core/testing';
import { hostOf, rendered } from '../parts/rendered.spec-help';
import { until } from '../store/visits.spec-help';
import { PanField } from './pan-field';

describe('a field for a pan', () => {
  const field = (written = '') => {
    const view = rendered(PanField, { inputId: 'pan', written, ariaLabel: 'pan', first: 'my old tin' });
    document.body.append(hostOf(view));
    const heard: string[] = [];
    view.componentInstance.said.subscribe((words) => heard.push(words));
    const box = () => {
      const [input, more] = hostOf(view).querySelectorAll<HTMLInputElement>('#pan');
      if (!input || more) throw new Error('one field is to be there');
      return input;
    };
    const isList = () => hostOf(view).querySelector('p-autocomplete input#pan') !== null;
    return { view, heard, box, isList };
  };
  const options = () => [...document.querySelectorAll<HTMLElement>('[role=option]')].map((each) => each.textContent.trim()); // prettier-ignore
  const type = (input: HTMLInputElement, words: string) => {
    input.value = words;
    input.dispatchEvent(new Event('input', { bubbles: true }));
    TestBed.tick();
  };

  it('is there, and read, before its list was ever loaded', () => {
    const { box, isList } = field('20 cm square tin');
    expect(box().value).toBe('20 cm square tin');
    expect(box().getAttribute('aria-label')).toBe('pan');
    expect(isList()).toBeFalse();
  });
  it('gives way to one with a list when it is gone into: what is typed, the focus and the caret stay', async () => {
    const { box, heard, isList } = field('20 cm round');
    box().focus();
    TestBed.tick();
    type(box(), '20 cm square');
    box().setSelectionRange(3, 5);
    await until(() => (TestBed.tick(), isList() && document.activeElement === box()));
    expect(box().value).toBe('20 cm square');
    expect([box().selectionStart, box().selectionEnd]).toEqual([3, 5]);
    expect(heard).toEqual(['20 cm square']);
    type(box(), 'springform 24');
    await until(() => (TestBed.tick(), options()[0] === '24 cm springform'));
    expect(heard).toContain('springform 24');
  });
  it('begins its list with what was typed while it was to come, and has none for what is typed to its end', async () => {
    const { box, isList } = field('9 in round');
    box().focus();
    TestBed.tick();
    type(box(), 'springform');
    await until(() => (TestBed.tick(), isList() && options().length > 0));
    expect(options().every((option) => /springform/i.test(option))).toBeTrue();
    type(box(), '24 cm springform');
    await until(() => (TestBed.tick(), options().length === 0));
    type(box(), 'springform');
    await until(() => (TestBed.tick(), options().length > 1));
  });
  it('tells a pan that is picked, and can be emptied for the next one by whoever took it', async () => {
    const { view, box, isList } = field();
    const picked: string[] = [];
    view.componentInstance.said.subscribe((words) => view.componentRef.setInput('written', words));
    view.componentInstance.picked.subscribe((pan) => {
      picked.push(pan);
      view.componentRef.setInput('written', '');
    });
    box().focus();
    await until(() => (TestBed.tick(), isList() && options()[0] === 'my old tin'));
    document.querySelector<HTMLElement>('[role=option]')?.click();
    await until(() => (TestBed.tick(), picked.length === 1 && box().value === ''));
    expect(picked).toEqual(['my old tin']);
  });
});
