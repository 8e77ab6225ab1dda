import { celsiusFromFahrenheit, celsiusFromGasMark } from '../../ground/units/index.js';
import { anyWay } from './figure-ways.js';

const COOLEST_OVEN_CELSIUS = 90;
const HOTTEST_OVEN_CELSIUS = 300;
const COOLEST_FAHRENHEIT = 240;
/** A bare "350 degrees" can only be Fahrenheit, "180 degrees" only Celsius. */
const BARE_DEGREES_TURN_AT = 260;

export type TemperatureScale = 'C' | 'F' | 'gas';

/** A temperature as it stands in a sentence. */
export interface WrittenTemperature {
  readonly celsius: number;
  /** The figure as written, in its own scale; of a gas mark the Celsius it stands for. */
  readonly figure: number;
  readonly scale: TemperatureScale;
  readonly fan: boolean;
  /** What is meant: the oven's set point, or the middle of the bake. */
  readonly of: 'oven' | 'core';
  /** Where it stands in the text. */
  readonly from: number;
  readonly to: number;
}

/** The ways to write a heat; the figure is the second group of the second way, with its letter in the third, and else the only one. */
const HEATS: readonly RegExp[] = [
  // "180 / 350F", "180/160/4", "180 or 160 fan", "180 (160 fan)": the first of them
  /(?<!\d)(\d{3})(?=°?c? ?\/ ?\d{3} ?f(?:an)?\b|\/\d{3}\/\d\b| or \d{3} ?fan\b| ?\(\d{3} ?fan\b)/,
  // "180 °C", "350 deg F"
  /(\d{2,3})\s?(?:(?:°|º|deg(?:rees?)?\.?|degs\.?)\s?)?(c|f|celsius|centigrade|fahrenheit)\b/,
  // "180°", "350 degrees"
  /(\d{2,3})\s?(?:°|degrees?|deg\b)(?!\s?[cf]\b)/,
  // "bake at 180 for", "oven: 180", "(oven 180"
  /(?<=(?:\b(?:at|oven:?|to|on|bake|baked|fan|preheat)\s|@\s?|\boven ?\())(\d{3})(?=\s?(?:$|[.,;()/\n]|for\b|in\b|until\b|till\b|about\b|after\b|then\b|and\b|with\b|x\s?\d|-\s?\d{1,2}\s?m|\d+\s*min))/,
  // "180 / 40 min" at the start of a line
  /(?<=(?:^|\n))(\d{3})(?= ?\/ ?\d{1,2}(?: ?- ?\d{1,2})? ?(?:m|\/|\.(?!\d)|\n|$))/,
  // "loaf tin, 180, 40-45", "180. 25"
  /(?<=(?:^|[.,;\n]\s?|\b(?:cups|tins?|pans?|trays?|dish|round|square|springform|loaf)\s))(\d{3})(?=[.,]? \d{1,2} ?(?:-|to) ?\d{1,2}\b|[.,] \d{1,2}(?:\.(?!\d)|\n|$)| ?- ?\d{1,2} ?m| \d{1,2} ?m(?:ins?)?\b)/,
  // "then 160 20m"
  /(?<=\bthen )(\d{3})(?= \d{1,2}(?:\s?-\s?\d{1,2})?m?\b)/,
  // "180 20ish"
  /(?<=(?:^|[.,;\n]\s?))(\d{3})(?= \d{1,2}-?ish\b)/,
  // "oven 180 1 h"
  /(?<=\boven )(\d{3})(?= \d[\d/ ]{0,4}(?: ?- ?\d[\d/ ]{0,4})? ?(?:h|m))/,
  // "oven as hot as it goes ~230"
  /(?<=\boven [a-z ]{3,24}[~≈] ?)(\d{3})(?=[.,;\n]|$)/,
  // "180 x 25", "then 180/25"
  /(?<=(?:^|[.,;\n]\s?|\bthen ))(\d{3})(?=(?: ?x ?|\/)\d{1,2}(?:[.,;\n]|$))/,
  // "180 for an hour", "180 in the oven", "180 fan", "180 oven"
  /(?<![\d.,])(\d{3})(?=,?\s+for\s+(?:about\s+)?(?:\d+|an? hour|half an)|\s+in (?:the|an?|my) (?:fan )?oven\b|\s?\(?(?:not |no |non[- ]?)?(?:fan|convection)\b(?! ?\d{3})|\soven\b)/,
  // "180, loaf tin", "180, 9x5"
  /(?<=(?:^|\n))(\d{3})(?=, ?(?:(?:[a-z]{2,9} ){0,3}(?:tin|pan|tray)\b|\d{1,2}(?:\.\d)? ?(?:"|in|inch|cm)? ?x ?\d))/,
  // "muffin cases 190 20 min", "180, about half an hour"
  /(?<=(?:^|[.,;\n]\s?|\dx\d{1,2}\s|\b(?:tins?|pans?|cases|cups|sheets?|trays?|rounds|squares?)\s))(\d{3})(?=,?\s(?:about\s|x\s|~\s?)?(?:\d+(?:\s?(?:-|to)\s?\d+)?(?:-?ish)?\s?(?:h|m)|1\/2 hour|an? hour|half an hour))/,
];
const TEMPERATURE = anyWay(HEATS);
const GAS =
  /(?:gas(?:\s*(?:mark|no\.?|regulo))?|\b(?:gm|reg(?:ulo)?\.?|oven mark)|(?<=\bat )no\.?)\s*(\d(?:\/\d)?|¼|½)(?!\d)/gi;
const OF_THE_CORE =
  /\b(core|cent(?:re|er)(?! (?:of the oven|shelf|rack))|inside|internal|middle(?! (?:of the oven|shelf|rack|third))|thermometer|probe|reads?|reaches|reached|registers)\b/i;
/** "Position a rack in the center and heat the oven", "shelf in the middle": where it stands in the oven, and no middle of a bake. */
const RACK =
  /\b(?:racks?|shelf|shelves)\b[a-z ]{0,24}\b(?:cent(?:re|er)|middle)\b|\b(?:cent(?:re|er)|middle) (?:position|of (?:the|your) oven)\b/gi;
const OF_SYRUP = /\b(syrup|milk|water|butter|chocolate|cream|sugar)\b[^.]*$/i;

/** What an oven was called before it had figures, as cookery books translate it, °C: they differ by ten to either side. */
const CALLED_HEAT: readonly (readonly [RegExp, number])[] = [
  [/\b(?:very|quite) (?:slow|cool|low) oven\b/i, 130],
  [/\b(?:slow|cool|low) oven\b/i, 150],
  [/\b(?:moderately slow|warm) oven\b/i, 160],
  [/\b(?:moderately|fairly|medium|quite) hot oven\b/i, 200],
  [/\b(?:very hot|fierce) oven\b/i, 230],
  [/\b(?:hot|quick|brisk) oven\b/i, 220],
  [/\b(?:mod(?:erate)?\.?|medium) oven\b/i, 180],
];
/** "a moderate oven": the set point that is meant where no figure stands. */
export function heatCalled(text: string): WrittenTemperature | undefined {
  for (const [pattern, celsius] of CALLED_HEAT) {
    const called = pattern.exec(text);
    if (called) return { celsius, figure: celsius, scale: 'C', fan: false, of: 'oven', from: called.index, to: called.index + called[0].length };
  }
  return undefined;
} // prettier-ignore

/** Gas marks as blanks, so that "gas 7 - 12 mins" is twelve minutes. */
export const withoutGasMarks = (text: string): string => text.replace(GAS, (mark) => ' '.repeat(mark.length));

/** Every oven set point and core temperature of a text in one spelling, in the order written. */
export function temperaturesIn(text: string): readonly WrittenTemperature[] {
  const writtenTemperatures: WrittenTemperature[] = [];
  for (const match of text.matchAll(TEMPERATURE)) {
    const before = text.slice(Math.max(0, match.index - 60), match.index);
    const sentence = before.slice(Math.max(before.lastIndexOf('. '), before.lastIndexOf('\n')) + 1);
    const to = match.index + match[0].length;
    const after = text.slice(to, to + 18);
    const number = Number(match[1] ?? match[2] ?? match.slice(4).find(Boolean));
    const core = OF_THE_CORE.test(sentence.replace(RACK, ' '));
    const written = (match[3] ?? '').toLowerCase();
    // "160f": no oven bakes at 71 °C, so the letter says that it has a fan
    const isFan = written === 'f' && number < COOLEST_FAHRENHEIT && !core;
    const letter = isFan ? '' : written;
    const scale = letter.startsWith('f') ? 'F' : letter === '' ? (number > BARE_DEGREES_TURN_AT ? 'F' : 'C') : 'C';
    const celsius = scale === 'F' ? celsiusFromFahrenheit(number) : number;
    if (
      core ? !(celsius >= 30 && celsius <= 130) : !(celsius >= COOLEST_OVEN_CELSIUS && celsius <= HOTTEST_OVEN_CELSIUS)
    )
      continue;
    if (!core && celsius < 130 && OF_SYRUP.test(sentence)) continue;
    // "195 °C (fan 175 °C)": the word belongs to the figure behind it; not in "160 fan / 180", where that is the hotter
    const said =
      /^(?: in (?:the|an?|my))?\s?\(?(?:fan|convection)(?! ?\?)(?:[- ](?:forced|assisted|oven))?(?:\s?(?:oven)?[\s:/]{0,4}(?:about )?(\d{3}))?/i.exec(
        after,
      );
    const fan =
      isFan ||
      (said !== null && (said[1] === undefined || (said[0].includes('/') && Number(said[1]) > number))) ||
      /(?:fan|convection)(?:\s*oven)?[\s:(]*(?:(?:about|approx\.?|ca\.?) )?$/i.test(before);
    writtenTemperatures.push({
      celsius,
      figure: number,
      scale,
      fan,
      of: core ? 'core' : 'oven',
      from: match.index,
      to,
    });
  }
  for (const match of text.matchAll(GAS)) {
    const celsius = celsiusFromGasMark(match[1] ?? '');
    if (celsius !== undefined)
      writtenTemperatures.push({
        celsius,
        figure: celsius,
        scale: 'gas',
        fan: false,
        of: 'oven',
        from: match.index,
        to: match.index + match[0].length,
      });
  }
  return writtenTemperatures.sort((a, b) => a.from - b.from);
}
