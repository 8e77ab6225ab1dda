import type { Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';

/* A component, rendered, read and pressed as a person would. */

export function rendered<C>(component: Type<C>, inputs: Readonly<Record<string, unknown>> = {}): ComponentFixture<C> {
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  TestBed.tick();
  return fixture;
}
const plain = (element: Element | null): string => (element?.textContent ?? '').replace(/\s+/g, ' ').trim();
export const hostOf = <C>(fixture: ComponentFixture<C>): HTMLElement => fixture.nativeElement as HTMLElement;

export const wordsOf = <C>(fixture: ComponentFixture<C>, selector?: string): string => {
  TestBed.tick();
  const host = hostOf(fixture);
  return plain(selector === undefined ? host : host.querySelector(selector));
};
export const allWordsOf = <C>(fixture: ComponentFixture<C>, selector: string): readonly string[] => {
  TestBed.tick();
  return [...hostOf(fixture).querySelectorAll(selector)].map(plain);
};
export const pressed = <C>(fixture: ComponentFixture<C>, words: string | RegExp): void => {
  const buttons = [...hostOf(fixture).querySelectorAll('button')];
  const named = (button: HTMLButtonElement) => plain(button).match(words) ?? button.getAttribute('aria-label')?.match(words); // prettier-ignore
  const button = buttons.find(named);
  if (!button) throw new Error(`no button ${String(words)}`);
  button.click();
  TestBed.tick();
};
export const typed = <C>(fixture: ComponentFixture<C>, value: string, selector = 'input'): HTMLInputElement => {
  const field = hostOf(fixture).querySelector<HTMLInputElement>(selector);
  if (!field) throw new Error(`no field ${selector}`);
  field.value = value;
  field.dispatchEvent(new Event('input'));
  TestBed.tick();
  return field;
};
export const submitted = <C>(fixture: ComponentFixture<C>, selector = 'form'): void => {
  hostOf(fixture)
    .querySelector(selector)
    ?.dispatchEvent(new Event('submit', { cancelable: true, bubbles: true }));
  TestBed.tick();
};
/** Types into a field and leaves it, as one does who means it. @param named its label for readers, or a selector */
export const entered = <C>(fixture: ComponentFixture<C>, named: string, value: string): HTMLInputElement => {
  const fields = [...hostOf(fixture).querySelectorAll<HTMLInputElement>('input, textarea')];
  const field = fields.find((each) => each.getAttribute('aria-label') === named || each.id === named);
  if (!field) throw new Error(`no field ${named}`);
  field.value = value;
  field.dispatchEvent(new Event('input', { bubbles: true }));
  field.dispatchEvent(new Event('change', { bubbles: true }));
  TestBed.tick();
  return field;
};
