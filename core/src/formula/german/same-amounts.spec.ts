import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { readLine } from '../parsing/index.js';
import { readText } from '../reading/index.js';

/** A German line, and other ways of writing the same. */
const SAME: readonly (readonly [plain: string, ways: readonly string[]])[] = [
  ['250 g Mehl', ['250g Mehl', '250 Gramm Mehl', 'Mehl 250 g', '1/4 kg Mehl', '0,25 kg Mehl', '250 g Mehl (Type 405)', '½ Pfund Mehl', 'ein halbes Pfund Mehl']],
  ['250 ml Milch', ['1/4 l Milch', '¼ Liter Milch', '0,25 l Milch', '2,5 dl Milch', '250 ml lauwarme Milch', 'Milch: 250 ml', 'ein Viertelliter Milch', '1 Viertelliter Milch', 'zwei Achtelliter Milch']],
  ['125 g Butter', ['ein Viertelpfund Butter', '1/4 Pfd. Butter', '100 g + 25 g Butter']],
  ['180 g Zucker', ['150 g + 30 g Zucker', '150 g und 30 g Zucker']],
  ['350 g Kirschen', ['1 Glas Kirschen (Abtropfgewicht 350 g)', '1 Glas Kirschen (Einwaage: 350 g)']],
  ['1 Vanilleschote', ['Mark 1 Vanilleschote', 'Mark einer Vanilleschote', 'das Mark von 1 Vanilleschote']],
  ['1 Pck. Backpulver', ['1 Päckchen Backpulver', '1 P. Backpulver', 'ein Päckchen Backpulver', '1 Tütchen Backpulver']],
  ['2 TL Backpulver', ['2 Teelöffel Backpulver', '2 gestr. TL Backpulver', '2 gestrichene Teelöffel Backpulver', 'zwei Teelöffel Backpulver']],
  ['4 Eier', ['4 Eier (Größe M)', 'vier Eier', '4 Stück Eier', '4 Eier, Gr. M', '4 Bio-Eier']],
  ['100 g gemahlene Mandeln', ['100 g Mandeln, gemahlen', '100 g Mandeln (gemahlen)', '100g gem. Mandeln', '100 g geriebene Mandeln']],
  ['1 Zitrone (Saft und Schale)', ['Saft und Abrieb einer Zitrone', 'Saft u. Schale einer Zitrone', '1 Zitrone, Saft und Abrieb']],
  ['200 g weiche Butter', ['200 g Butter (weich)', '200 g zimmerwarme Butter', '200 g Butter, zimmerwarm']],
]; // prettier-ignore

/** What stands between a line before it and one behind it. */
function weighed(line: string): readonly string[] {
  const { components } = formulaRead(readText(`Kuchen\n300 g Mehl Type 550\n10 g Zimt\n${line}\n2 EL Rum\nBei 180 °C Ober-/Unterhitze 40 Minuten backen.`, 'EU')); // prettier-ignore
  const lines = components.flatMap((component) => component.lines).slice(2, -1);
  return lines
    .flatMap(({ text }) => readLine(text, { region: 'EU', kitchen: PLAIN_KITCHEN }))
    .map(({ ingredient, weight }) => `${ingredient?.id ?? '?'} ${weight?.grams.toPrecision(3) ?? '?'}`);
}

/** Each line is taken apart into what two say. */
const EACH: readonly (readonly [together: string, apart: string])[] = [
  ['je 1 TL Zimt und Ingwer', '1 TL Zimt\n1 TL gemahlener Ingwer'],
  ['je 50 g Mandeln, Walnüsse und Rosinen', '50 g Mandeln\n50 g Walnüsse\n50 g Rosinen'],
  ['je 100 g weiche Butter und Zucker', '100 g weiche Butter\n100 g Zucker'],
];

describe('one amount, however it is written in German', () => {
  for (const [together, apart] of EACH)
    it(`so much of each: ${together}`, () => expect(weighed(together)).toEqual(weighed(apart)));
  for (const [plain, ways] of SAME)
    it(`weighs the same: ${plain}`, () => {
      expect(weighed(plain).join()).not.toContain('?');
      for (const way of ways) expect(weighed(way)).withContext(way).toEqual(weighed(plain));
    });
});
