import type { SheetProblem } from '../../day/planned-sheets/index.js';
import type { Conflict, WayOut } from '../../day/ways-out/index.js';
import { listed, minutesInWords, sentence, type Sentence } from '../figures/index.js';

/** Why a day cannot be planned, and what to do. */
export function sheetProblemInWords({ code, wish = '', pan = '', wanted = 0, there = 0 }: SheetProblem): Sentence {
  switch (code) {
    case 'no-hands':
      return sentence('There are no hands.', 'Say who bakes: one to three pairs.');
    case 'no-batches':
      return sentence('Nothing is to be baked.', 'Say what, how many and when: “24 muffins warm at 10”.');
    case 'formula-gone':
      return sentence(
        `The formula of “${wish}” is not on the shelf.`,
        'Take it off the plan, or bring the formula back.',
      );
    case 'due-unreadable':
      return sentence(`“${wish}” has no hour that can be read.`, 'Write it like 15:00, or 2026-11-28T15:00.');
    case 'due-past':
      return sentence(`The hour of “${wish}” is past.`, 'Give it a later one, or take it off.');
    case 'not-before-late':
      return sentence('The day begins after everything is due.', 'Begin earlier, or move the deadlines.');
    case 'pans-missing':
      return sentence(`“${wish}” needs ${wanted} of “${pan}”, and there ${there === 1 ? 'is' : 'are'} ${there} on the shelf.`, 'Choose other pans on the Batch, or put them on the shelf.'); // prettier-ignore
    case 'nothing-to-bake':
      return sentence(`“${wish}” weighs nothing.`, 'Put its amounts right on the Bench.');
    case 'no-oven-time':
      return sentence(
        `How long “${wish}” bakes is not known.`,
        'Give its pan a size and its bake a temperature, or its minutes.',
      );
    case 'freezer-full':
      return sentence(`What is frozen takes ${wanted} litres, and the freezer has room for ${there}.`, 'Freeze less, or say how much room there is.'); // prettier-ignore
    case 'never-done':
      return sentence(
        `“${wish}” would never be done in the oven as it is set.`,
        'Choose a hotter oven or a smaller pan.',
      );
  }
}

const SHORT: Readonly<Record<Conflict['short'][number], string>> = {
  hands: 'another pair of hands',
  oven: 'a second oven',
  pans: 'more pans and bowls',
  start: 'an earlier start',
  held: 'letting go of what is held',
};

/** What is in the way, in minutes. @param titles of the batches, by index */
export function conflictInWords(
  { batches, short, earlierMinutes, unknown }: Conflict,
  titles: readonly string[],
): Sentence {
  const those = batches.map((i) => titles[i] ?? '');
  const list = listed(those);
  const say =
    earlierMinutes !== undefined && earlierMinutes > 0
      ? `The day is ${minutesInWords(earlierMinutes)} too short.`
      : 'This does not fit into the day.';
  const enough = short.map((what) => SHORT[what]);
  const would =
    enough.length === 0
      ? 'No single thing was found that would be enough.'
      : `Enough for ${those.length > 1 ? 'these alone' : 'it'} would be ${enough.join(', or ')}.`;
  const sure = unknown > 0 ? ' Not everything could be tried to its end.' : '';
  return sentence(
    say,
    `${list === '' ? '' : those.length > 1 ? `${list} cannot all be. ` : `${list} alone takes longer. `}${would}${sure}`,
  );
}

/** One way out, as a heading and what it costs. */
export function wayOutInWords(
  { code, batches, minutes, celsius, evening }: WayOut,
  titles: readonly string[],
): Sentence {
  const names = listed(batches.map((i) => titles[i] ?? ''));
  switch (code) {
    case 'let-go':
      return sentence(
        'Let go of what is held',
        `${minutes === 1 ? 'One task moves' : `${minutes} tasks move`} to where there is room.`,
      );
    case 'earlier':
      return sentence(`Begin ${minutesInWords(minutes)} earlier`, 'Nothing else changes.');
    case 'second-pair':
      return sentence('Another pair of hands', 'For the whole day.');
    case 'borrowed-oven':
      return sentence('Borrow an oven', 'Nobody knows its habits: look early.');
    case 'later':
      return sentence(`${names}: ${minutesInWords(minutes)} later`, 'Everything else keeps its hour.');
    case 'share-heat':
      return sentence(
        `${names} share the oven at ${celsius ?? 0} °C`,
        'One a little hotter, one a little cooler than alone: look at both.',
      );
    case 'evening': {
      const frozen = evening?.works.some(({ oven }) => oven === undefined) ?? false;
      return sentence(
        `${names}: the evening before`,
        `${minutesInWords(minutes)} of hands that evening. ${frozen ? 'Cut and frozen raw; baked from frozen, a fifth longer.' : 'Baked and wrapped; a day old when it is eaten.'}`,
      );
    }
  }
}
