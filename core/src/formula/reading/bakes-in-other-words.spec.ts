import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { parsePan } from '../../kitchen/pans/index.js';
import type { Region } from '../../ground/units/index.js';
import { readText } from './index.js';

/* Heat, time and tin as they are written, in any order and each with each: what is read is what is meant. */

/** The words of a language for heats, times and tins, and the ways of putting them into a method. */
interface Words {
  readonly list: string;
  readonly region: (heat: string) => Region;
  readonly heats: readonly (readonly [written: string, celsius: number, fan: boolean])[];
  readonly times: readonly (readonly [written: string, low: number, high: number])[];
  /** The tin, its shape, its length or diameter or how many cups, and how many of it. */
  readonly tins: readonly (readonly [written: string, meant: string])[];
  readonly ways: readonly ((heat: string, time: string, tin: string) => string)[];
}

// prettier-ignore
const HEATS: Words['heats'] = [
  ['180C', 180, false], ['180 °C', 180, false], ['180°C/160°C fan', 180, false], ['180C/160C fan/gas mark 4', 180, false],
  ['180C (160C fan) mark 4', 180, false], ['gas mark 4', 180, false], ['gas 4', 180, false], ['350F', 177, false],
  ['350°F (180°C)', 177, false], ['350 degrees', 177, false], ['160C fan', 160, true], ['fan 160C', 160, true],
  ['fan oven 160°C', 160, true], ['Gas Mark 4/180°C', 180, false], ['180 degrees C', 180, false], ['350 degrees F', 177, false],
  ['180ºC', 180, false], ['356 °F', 180, false], ['180 deg C', 180, false], ['180C/350F/Gas 4', 180, false],
  ['180°', 180, false], ['160°C (fan-assisted)', 160, true], ['convection 325F', 163, true], ['180 C / 160 C (fan) / 350 F / Gas 4', 180, false],
];
// prettier-ignore
const TIMES: Words['times'] = [
  ['for 40 minutes', 40, 40], ['for 35-40 minutes', 35, 40], ['for 35 to 40 mins', 35, 40], ['for about 40 min', 40, 40],
  ['for 1 hour', 60, 60], ['for 1 hour 10 minutes', 70, 70], ['for 1-1¼ hours', 60, 75], ['for 1 hr 15 mins', 75, 75],
  ['for an hour', 60, 60], ['for three quarters of an hour', 45, 45], ['for 1 1/2 hours', 90, 90], ['for 50 minutes to 1 hour', 50, 60],
  ['for 45–50 minutes', 45, 50], ['for between 35 and 40 minutes', 35, 40], ['for half an hour', 30, 30], ["for 40'", 40, 40],
  ['for 25/30 minutes', 25, 30], ['for 1h', 60, 60], ['for 1h10', 70, 70], ['for approx. 40 minutes', 40, 40],
  ['for at least 40 minutes', 40, 40], ['for 55-65 minutes', 55, 65], ['for around 35 min or until firm', 35, 35], ['for an hour and a quarter', 75, 75],
];
// prettier-ignore
const TINS: Words['tins'] = [
  ['a 20 cm round tin', 'round 20'], ['a 20cm/8in round tin', 'round 20'], ['an 8-inch round cake pan', 'round 20.3'], ['a 23 cm springform tin', 'round 23'],
  ['a 900g/2lb loaf tin', 'loaf 23'], ['a 2lb loaf tin', 'loaf 23'], ['a 9x5-inch loaf pan', 'loaf 22.9'], ['a 9 by 5 inch loaf pan', 'loaf 22.9'],
  ['a 12-hole muffin tin', 'muffin 12'], ['a 12-cup muffin pan', 'muffin 12'], ['a 20 cm square tin', 'square 20'], ['an 8-inch square baking pan', 'square 20.3'],
  ['a 9x13-inch pan', 'rectangle 33'], ['a 30 x 20 cm traybake tin', 'rectangle 30'], ['two 20 cm sandwich tins', 'round 20 x2'], ['2 x 20cm sandwich tins', 'round 20 x2'],
  ['a 10-inch Bundt pan', 'ring 25.4'], ['a deep 18 cm round tin', 'round 18'], ['an 8½ x 4½ in loaf pan', 'loaf 21.6'], ['a 1.5 litre loaf tin', 'loaf'],
  ['a 20cm (8 inch) square tin', 'square 20'], ['a 23cm/9in square cake tin', 'square 23'], ['a 33 x 23 cm Swiss roll tin', 'rectangle 33'], ['three 18 cm round tins', 'round 18 x3'],
  ['a round 22 cm tin', 'round 22'], ['a 25 cm tube tin', 'ring 25'],
];
const WAYS: Words['ways'] = [
  (heat, time, tin) => `Preheat the oven to ${heat}. Mix everything. Pour into ${tin}. Bake ${time}.`,
  (heat, time, tin) => `Mix everything and bake in ${tin} at ${heat} ${time}.`,
  (heat, time, tin) =>
    `Heat oven to ${heat}. Grease ${tin}. Mix all, pour in and bake ${time}, then cool in the tin for 10 minutes.`,
  (heat, time, tin) => `Line ${tin}. Mix everything.\nBake at ${heat} ${time}.`,
  (heat, time, tin) => `Mix. Turn into ${tin} and bake ${time} at ${heat}.`,
  (heat, time, tin) =>
    `Mix everything, let stand 10 minutes. Scrape into ${tin}. Bake in a preheated oven (${heat}) ${time}.`,
];

const ENGLISH: Words = {
  list: 'Plain cake\n200 g butter\n200 g sugar\n4 eggs\n200 g self-raising flour',
  region: (heat) => (/F\b|degrees$/.test(heat) ? 'US' : 'UK'),
  heats: HEATS,
  times: TIMES,
  tins: TINS,
  ways: WAYS,
};

// prettier-ignore
const GERMAN: Words = {
  list: 'Rührkuchen\n200 g Butter\n200 g Zucker\n4 Eier\n250 g Mehl',
  region: () => 'EU',
  heats: [
  ['180 °C', 180, false], ['180°C Ober-/Unterhitze', 180, false], ['180 Grad', 180, false], ['180 °C Ober- und Unterhitze', 180, false],
  ['160 °C Umluft', 160, true], ['Umluft 160 °C', 160, true], ['160 Grad Heißluft', 160, true], ['180 °C (Umluft 160 °C)', 180, false],
  ['180 °C O/U-Hitze', 180, false], ['175 °C', 175, false], ['E-Herd: 180 °C/ Umluft: 160 °C', 180, false], ['180 °C (Ober-/Unterhitze)', 180, false],
  ['180 Grad Celsius', 180, false], ['200 °C Unter-/Oberhitze', 200, false], ['180° C', 180, false], ['160° Umluft', 160, true],
],
  times: [
  ['ca. 45 Minuten', 45, 45], ['45–50 Minuten', 45, 50], ['45 bis 50 Min.', 45, 50], ['etwa 45 Min', 45, 45],
  ['eine Stunde', 60, 60], ['1 Std.', 60, 60], ['1 Stunde 10 Minuten', 70, 70], ['eine Dreiviertelstunde', 45, 45],
  ['rund 40 Minuten', 40, 40], ['ungefähr 40 Minuten', 40, 40], ['30-35 min', 30, 35], ['gut 40 Minuten', 40, 40],
  ['60 Min. (Stäbchenprobe)', 60, 60], ['eine halbe Stunde', 30, 30], ['anderthalb Stunden', 90, 90], ['50 - 60 Minuten', 50, 60],
  ['1 Std. 15 Min.', 75, 75], ['20–25 Min.', 20, 25],
],
  tins: [
  ['Springform (26 cm)', 'round 26'], ['Springform (Ø 26 cm)', 'round 26'], ['26er Springform', 'round 26'], ['Springform mit 24 cm Durchmesser', 'round 24'],
  ['Springform von 28 cm Ø', 'round 28'], ['Kastenform (30 cm)', 'loaf 30'], ['Kastenform (25 x 11 cm)', 'loaf 25'], ['Kastenform (30 cm Länge)', 'loaf 30'],
  ['30 cm lange Kastenform', 'loaf 30'], ['Gugelhupfform (22 cm)', 'ring 22'], ['Gugelhupfform (ca. 2 l Inhalt)', 'ring'], ['Form (20 x 20 cm)', 'square 20'],
  ['quadratische Form (20 x 20 cm)', 'square 20'], ['rechteckige Form (30 x 20 cm)', 'rectangle 30'], ['Backform (24 cm)', 'round 24'], ['runde Form (20 cm Ø)', 'round 20'],
  ['Springform (26 cm Ø)', 'round 26'], ['Kastenform', 'loaf'], ['Königskuchenform (30 cm)', 'loaf 30'],
],
  ways: [
  (heat, time, tin) => `Backofen auf ${heat} vorheizen. Alles verrühren, in eine ${tin} füllen und ${time} backen.`,
  (heat, time, tin) => `Eine ${tin} fetten. Alle Zutaten verrühren und einfüllen. Bei ${heat} ${time} backen.`,
  (heat, time, tin) => `Den Ofen auf ${heat} vorheizen.\nEine ${tin} einfetten.\nAlles verrühren. In die Form füllen.\nIm vorgeheizten Ofen ${time} backen.`,
  (heat, time, tin) => `Alles verrühren. Teig in eine ${tin} geben. ${time} bei ${heat} backen.`,
  (heat, time, tin) => `Alles verrühren und in eine ${tin} füllen. Im heißen Ofen (${heat}) ${time} backen.`,
],
};

/** One of a list, round and round. */
const turn = <T>(all: readonly T[], i: number): T => all[i % all.length] as T;

describe('a bake in other words', () => {
  for (const { list, region, heats, times, tins, ways } of [ENGLISH, GERMAN])
    for (const [w, way] of ways.entries())
      it(`is the same bake: ${way('HEAT', 'SO LONG', 'TIN')}`, () => {
        for (let i = 0; i < Math.max(tins.length, heats.length); i++) {
          const [heat, celsius, fan] = turn(heats, i + 5 * w);
          const [time, low, high] = turn(times, i + 7 * w);
          const [tin, meant] = turn(tins, i);
          const method = way(heat, time, tin);
          const { bake, components } = formulaRead(readText(`${list}\n${method}`, region(heat)));
          const parsed = parsePan(bake.pan ?? '');
          const { pan, count = 1 } = parsed.kind === 'pan' ? parsed.set : {};
          const size = pan?.shape === 'muffin' ? pan.cavities : Math.round((pan?.topLengthCm ?? 0) * 10) / 10;
          const read = `${pan?.shape ?? 'none'} ${size}${count > 1 ? ` x${count}` : ''}`;
          expect(Math.abs((bake.celsius ?? 0) - celsius))
            .withContext(`heat of: ${method}`)
            .toBeLessThan(1.5);
          expect([bake.fan, bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes]).withContext(method).toEqual([fan, low, high]); // prettier-ignore
          expect(read.startsWith(meant)).withContext(`${read} for ${meant} of: ${method}`).toBeTrue();
          expect(components.map(({ lines }) => lines.length))
            .withContext(method)
            .toEqual([4]);
        }
      });
});
