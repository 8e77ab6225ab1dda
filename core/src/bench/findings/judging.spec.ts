declare const console: { log(text: string): void };

import { writtenBakeJob } from '../../batch/bake-jobs/index.js';
import { EVERYDAY_FORMULAS, SOUND_FORMULAS } from '../../doors/samples/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readText } from '../../formula/reading/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { runBakeJob } from '../../oven/baking/index.js';
import type { Region } from '../../ground/units/index.js';
import { auditFormula } from '../audit/index.js';
import { bakeFindings, findingsIn } from './index.js';

/** What is found in a text; with the bake only where the bake is what is asked. */
function found(text: string, region: Region, baked: boolean): readonly string[] {
  const reading = readText(text, region);
  if (reading.kind !== 'read') return ['refused'];
  const { formula } = reading;
  const audit = auditFormula(formula);
  const job = baked ? writtenBakeJob({ formula, audit, kitchen: PLAIN_KITCHEN }) : undefined;
  return [...findingsIn(formula).findings, ...(job ? bakeFindings(formula, runBakeJob(job), audit) : [])].map(
    ({ code }) => code,
  );
}

/** A slip that a person makes in writing down, put into a text; the text itself where it has no place for it. */
const SLIPS: Readonly<Record<string, { readonly plant: (text: string) => string; readonly baked?: boolean }>> = {
  'a spoon for a teaspoon of soda': {
    plant: (text) => text.replace(/(\d[\d /]*) (?:tsp|teaspoons?) (baking soda|bicarbonate of soda)/, '$1 tbsp $2'),
  },
  'a spoon for a teaspoon of salt': {
    plant: (text) => text.replace(/\d[\d /]* (?:tsp|teaspoons?) salt/, '2 tbsp salt'),
  },
  'the leavener forgotten': {
    plant: (text) =>
      text
        .split('\n')
        .filter((line) => !/^\d.*(?:baking powder|baking soda|bicarb)/.test(line))
        .join('\n')
        .replace('self-raising', 'plain'),
  },
  'the flour forgotten': {
    plant: (text) =>
      text
        .split('\n')
        .filter((line) => !/^\d.*flour/.test(line))
        .join('\n'),
  },
  'sugar read three times': {
    plant: (text) =>
      text
        .replace(
          /^(\d+) g ((?:caster |light brown |brown |dark brown )?sugar)$/m,
          (_, grams: string, sugar: string) => `${3 * Number(grams)} g ${sugar}`,
        )
        .replace(/^\d(?:\/4| 1\/2|\/2)? cups? sugar$/m, '4 cups sugar'),
  },
  'flour for less than half of it': {
    plant: (text) =>
      text
        .replace(
          /^(\d+) g (plain flour|all-purpose flour|self-raising flour)$/m,
          (_, grams: string, flour: string) => `${Math.round(Number(grams) / 2.5)} g ${flour}`,
        )
        .replace(/^2 cups (?:all-purpose )?flour$/m, '3/4 cup flour'),
  },
  'a quarter of the time': {
    plant: (text) =>
      text.replace(/(\d+) minutes\.$/m, (_, minutes: string) => `${Math.round(Number(minutes) / 4)} minutes.`),
    baked: true,
  },
  'a line that the method forgets': { plant: (text) => text.replace(/\n(?=[A-Z][^\n]*\.)/, '\n40 g poppy seeds\n') },
};

describe('the judge', () => {
  it('says no more than one thing in three formulas that are sound', () => {
    const findings = SOUND_FORMULAS.flatMap(({ text, region }) =>
      found(text, region, true).map((code) => `${text.split('\n')[0] ?? ''}: ${code}`),
    );
    console.log(`sound formulas: ${SOUND_FORMULAS.length}, findings: ${findings.length}`);
    expect(findings.length)
      .withContext(findings.join('\n'))
      .toBeLessThanOrEqual(SOUND_FORMULAS.length / 3);
  });

  for (const { text, region } of EVERYDAY_FORMULAS)
    it(`warns of nothing in what is baked every day: ${text.split('\n')[0] ?? ''}`, () => {
      const formula = formulaRead(readText(text, region));
      const audit = auditFormula(formula);
      const job = writtenBakeJob({ formula, audit, kitchen: PLAIN_KITCHEN });
      const judged = [...findingsIn(formula).findings, ...(job ? bakeFindings(formula, runBakeJob(job), audit) : [])];
      const warnings = [
        ...judged.filter(({ severity }) => severity !== 'note').map(({ code, place }) => `${code} ${place}`),
        ...audit.verdicts.filter(({ severity }) => severity === 'warning').map(({ reason }) => reason),
      ];
      expect(warnings).toEqual([]);
    });

  it('lets fruit cakes and gingerbreads be baked on, so that they keep, and no sponge', () => {
    const baked = (title: string, minutes: string) =>
      found(EVERYDAY_FORMULAS.find(({ text }) => text.startsWith(title))?.text.replace(/(?<=[Bb]ake (?:for|at 180C for) )[^.]*(?=\.)/, minutes) ?? '', 'UK', true); // prettier-ignore
    expect(baked('Rich fruit cake', '4 to 4 1/2 hours')).not.toContain('bake-time-implausible');
    expect(baked('Rich fruit cake', '7 hours')).toContain('bake-time-implausible');
    expect(baked('Rich fruit cake', '50 minutes')).toContain('bake-time-implausible');
    expect(baked('Lemon drizzle cake', '90 minutes')).toContain('bake-time-implausible');
  });
  it('finds nine in ten slips of the pen', () => {
    const missed: string[] = [];
    let planted = 0;
    for (const [slip, { plant, baked = false }] of Object.entries(SLIPS))
      for (const { text, region } of SOUND_FORMULAS.slice(0, baked ? 5 : undefined)) {
        const wrong = plant(text);
        if (wrong === text) continue;
        planted++;
        const [before, after] = [found(text, region, baked), found(wrong, region, baked)];
        const isNew = after.length > before.length || after.some((code) => !before.includes(code));
        if (!isNew) missed.push(`${slip}: ${text.split('\n')[0] ?? ''}`);
      }
    console.log(`slips planted: ${planted}, found: ${planted - missed.length}`);
    expect(missed.length)
      .withContext(missed.join('\n'))
      .toBeLessThanOrEqual(planted / 10);
  });
});
