import type { SheetProblem } from '../../day/planned-sheets/index.js';
import type { Conflict, WayOut } from '../../day/ways-out/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { eitherOf, heatOn, listed, minutesInWords, sentence, type Sentence } from '../figures/index.js';

/** Why a day cannot be planned, and what to do. */
export function sheetProblemInWords({ code, wish = '', pan = '', wanted = 0, there = 0 }: SheetProblem): Sentence {
  switch (code) {
    case 'no-hands':
      return sentence($localize`There are no hands.`, $localize`Say who bakes: one to three pairs.`);
    case 'no-batches':
      return sentence(
        $localize`Nothing is to be baked.`,
        $localize`Say what, how many and when: “24 muffins warm at 10”.`,
      );
    case 'formula-gone':
      return sentence(
        $localize`The formula of “${wish}” is not on the shelf.`,
        $localize`Take it off the plan, or bring the formula back.`,
      );
    case 'due-unreadable':
      return sentence(
        $localize`“${wish}” has no hour that can be read.`,
        $localize`Write it like 15:00, or 2026-11-28T15:00.`,
      );
    case 'due-past':
      return sentence($localize`The hour of “${wish}” is past.`, $localize`Give it a later one, or take it off.`);
    case 'not-before-late':
      return sentence(
        $localize`The day begins after everything is due.`,
        $localize`Begin earlier, or move the deadlines.`,
      );
    case 'pans-missing':
      return sentence($localize`“${wish}” needs ${wanted} of “${pan}”, and ${there === 1 ? $localize`there is 1 on the shelf` : $localize`there are ${there} on the shelf`}.`, $localize`Choose other pans on the Batch, or put them on the shelf.`); // prettier-ignore
    case 'nothing-to-bake':
      return sentence($localize`“${wish}” weighs nothing.`, $localize`Put its amounts right on the Bench.`);
    case 'no-oven-time':
      return sentence(
        $localize`How long “${wish}” bakes is not known.`,
        $localize`Give its pan a size and its bake a temperature, or its minutes.`,
      );
    case 'freezer-full':
      return sentence($localize`What is frozen takes ${wanted} litres, and the freezer has room for ${there}.`, $localize`Freeze less, or say how much room there is.`); // prettier-ignore
    case 'never-done':
      return sentence(
        $localize`“${wish}” would never be done in the oven as it is set.`,
        $localize`Choose a hotter oven or a smaller pan.`,
      );
  }
}

const SHORT: Readonly<Record<Conflict['short'][number], string>> = {
  hands: $localize`another pair of hands`,
  oven: $localize`a second oven`,
  pans: $localize`more pans and bowls`,
  start: $localize`an earlier start`,
  held: $localize`letting go of what is held`,
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
      ? $localize`The day is ${minutesInWords(earlierMinutes)} too short.`
      : $localize`This does not fit into the day.`;
  const enough = short.map((what) => SHORT[what]);
  const would =
    enough.length === 0
      ? $localize`No single thing was found that would be enough.`
      : those.length > 1
        ? $localize`Enough for these alone would be ${eitherOf(enough)}.`
        : $localize`Enough for it would be ${eitherOf(enough)}.`;
  const sure = unknown > 0 ? $localize` Not everything could be tried to its end.` : '';
  return sentence(
    say,
    `${list === '' ? '' : those.length > 1 ? $localize`${list} cannot all be. ` : $localize`${list} alone takes longer. `}${would}${sure}`,
  );
}

/** One way out, as a heading and what it costs. */
export function wayOutInWords(
  { code, batches, minutes, celsius, evening }: WayOut,
  titles: readonly string[],
  scale: HeatScale = 'C',
): Sentence {
  const names = listed(batches.map((i) => titles[i] ?? ''));
  switch (code) {
    case 'let-go':
      return sentence(
        $localize`Let go of what is held`,
        $localize`${minutes === 1 ? $localize`One task moves` : $localize`${minutes} tasks move`} to where there is room.`,
      );
    case 'earlier':
      return sentence($localize`Begin ${minutesInWords(minutes)} earlier`, $localize`Nothing else changes.`);
    case 'second-pair':
      return sentence($localize`Another pair of hands`, $localize`For the whole day.`);
    case 'borrowed-oven':
      return sentence($localize`Borrow an oven`, $localize`Nobody knows its habits: look early.`);
    case 'later':
      return sentence(
        $localize`${names}:names:: ${minutesInWords(minutes)} later`,
        $localize`Everything else keeps its hour.`,
      );
    case 'share-heat':
      return sentence(
        $localize`${names} share the oven at ${heatOn(scale, celsius ?? 0)}`,
        $localize`One a little hotter, one a little cooler than alone: look at both.`,
      );
    case 'evening': {
      const frozen = evening?.works.some(({ oven }) => oven === undefined) ?? false;
      return sentence(
        $localize`${names}:names:: the evening before`,
        $localize`${minutesInWords(minutes)} of hands that evening. ${frozen ? $localize`Cut and frozen raw; baked from frozen, a fifth longer.` : $localize`Baked and wrapped; a day old when it is eaten.`}`,
      );
    }
  }
}
