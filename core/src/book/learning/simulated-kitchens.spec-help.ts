import { chanceFrom, EIGHT_IN_TEN, normalFrom } from '../../ground/numerics/index.js';
import { learnedBake } from '../../kitchen/learned/index.js';
import { doneEvidence, learnFrom, type BakeSeen, type DoneWord, type TaughtBake } from './index.js';

/* Kitchens that are not the learner's model: heavier tails, other sensitivities, ovens off by set point, judging that scatters, looks at odd times. */

export interface Circle {
  readonly recipes: number;
  readonly absurd?: number;
  readonly bakes?: number;
  readonly thermometer?: boolean;
  readonly trueOven?: boolean;
  /** Notes times roughly, and says so. */
  readonly rough?: boolean;
  /** °C by which the oven changes before a bake. */
  readonly change?: { readonly before: number; readonly celsius: number };
}
interface Recipe { readonly factor: number; readonly perCelsius: number; readonly celsius: number; readonly fan: boolean; readonly minutes: number } // prettier-ignore

export class SimulatedKitchen {
  readonly chance: () => number;
  readonly offset: number;
  private readonly slope: number;
  private readonly habit: number;
  private readonly fanFactor: number;
  private readonly recipes = new Map<string, Recipe>();
  private readonly factors = new Map<string, number>();
  constructor(
    seed: number,
    private readonly circle: Circle,
  ) {
    // the first numbers of neighbouring seeds resemble one another
    this.chance = chanceFrom(seed * 2654435761 + 97);
    for (let i = 0; i < 20; i++) this.chance();
    const wild = this.chance() < 0.1;
    this.offset = circle.trueOven ? 0 : wild ? (this.chance() < 0.5 ? -1 : 1) * (20 + 10 * this.chance()) : 11 * this.normal(); // prettier-ignore
    this.slope = circle.trueOven ? 0 : 8 * this.normal();
    this.habit = circle.trueOven ? 0 : 0.05 * this.normal();
    this.fanFactor = 0.07 * this.normal();
  }
  normal(): number {
    return normalFrom(this.chance);
  }
  private heavy(): number {
    let squares = 0;
    for (let i = 0; i < 5; i++) squares += this.normal() ** 2;
    return this.normal() / Math.sqrt(squares / 5) / Math.sqrt(5 / 3);
  }
  recipe(name: string): Recipe {
    let recipe = this.recipes.get(name);
    if (!recipe) {
      recipe = {
        factor: (this.circle.trueOven ? 0 : 0.11) * this.heavy(),
        perCelsius: -0.006 - 0.004 * this.chance(),
        celsius: [165, 175, 180, 200, 215][Math.floor(this.chance() * 5)] ?? 180,
        fan: this.chance() < 0.3,
        minutes: 18 + 60 * this.chance(),
      };
      this.recipes.set(name, recipe);
    }
    return recipe;
  }
  private factor(name: string): number {
    const known = this.factors.get(name) ?? (this.circle.trueOven ? 0 : 0.05) * this.normal();
    this.factors.set(name, known);
    return known;
  }
  /** ln of the minutes it truly takes, over those foreseen. */
  truth(name: string, pan: string, changed = 0): number {
    const { factor, perCelsius, celsius, fan } = this.recipe(name);
    const oven = this.offset + changed + (this.slope * (celsius - 180)) / 100;
    return perCelsius * oven + this.habit + factor + this.factor(pan) + this.factor(`${name} ${pan}`) + (fan ? this.fanFactor : 0); // prettier-ignore
  }
  traits(name: string, pan: string) {
    const { celsius, fan } = this.recipe(name);
    return { recipe: name, pan, celsius, fan };
  }
  private word(over: number): DoneWord {
    return over < -0.15 ? 'raw' : over < -0.05 ? 'under' : over < 0.055 ? 'just' : over < 0.15 ? 'bit-over' : 'over';
  }
  /** Bakes it: looked at from a little before it is foreseen. */
  bake(id: string, name: string, pan: string, foreseenLn: number, changed = 0): TaughtBake | undefined {
    const { minutes } = this.recipe(name);
    const { absurd = 0, rough = false } = this.circle;
    let done = Math.log(minutes) + this.truth(name, pan, changed) + (rough ? 0.1 : 0.045) * this.normal();
    if (this.chance() < absurd) done += (this.chance() < 0.5 ? -1 : 1) * (0.4 + 0.4 * this.chance());
    const judging = rough ? 0.06 : 0.03;
    const looks: { minutes: number; seen: 'not-done' }[] = [];
    let at = Math.exp(foreseenLn - 0.15);
    if (rough) at = Math.exp(done + 0.06 * this.normal());
    else
      for (let k = 0; k < 6 && at < Math.exp(done + judging * this.normal()); k++) {
        looks.push({ minutes: Math.round(at), seen: 'not-done' });
        at *= 1.06 + 0.05 * this.chance();
      }
    const outMinutes = Math.max(1, Math.round(at));
    const word = this.word(Math.log(outMinutes) - done + judging * this.normal());
    const seen: BakeSeen = { looks: looks.slice(-1), outMinutes, word, rough };
    const evidence = doneEvidence(seen);
    return evidence && { id, ...this.traits(name, pan), predictedMinutes: minutes, done: evidence };
  }
}

/** Mean absolute error of the recipes in rotation after so many bakes, %, beside what it is unlearned, and the part of 80 % windows that held. */
export interface Measured { readonly error: number; readonly unlearned: number; readonly held: number; readonly oven: number } // prettier-ignore

export function measureKitchens(
  circle: Circle,
  at: readonly number[],
  kitchens: number,
  firstSeed: number,
): ReadonlyMap<number, Measured> {
  const sums = new Map(at.map((n) => [n, { error: 0, unlearned: 0, held: 0, n: 0, oven: 0 }]));
  for (let seed = firstSeed; seed < firstSeed + kitchens; seed++) {
    const kitchen = new SimulatedKitchen(seed, circle);
    const readings = circle.thermometer ? [{ setCelsius: 180, readCelsius: 180 + kitchen.offset + 4 * kitchen.normal() }] : []; // prettier-ignore
    const { rough = false } = circle;
    const bakes: TaughtBake[] = [];
    const recipeAt = (k: number) => [`r${k % circle.recipes}`, `p${(k % circle.recipes) % 2}`] as const;
    for (let k = 0; k < Math.max(...at); k++) {
      const [name, pan] = recipeAt(k);
      const { kitchen: learned } = learnFrom({ bakes, readings, rough });
      const foreseen = Math.log(kitchen.recipe(name).minutes * learnedBake(learned, kitchen.traits(name, pan)).factor);
      const bake = kitchen.bake(`b${k}`, name, pan, foreseen);
      if (bake) bakes.push(bake);
      const sum = sums.get(k + 1);
      if (!sum) continue;
      const { kitchen: after } = learnFrom({ bakes, readings, rough });
      for (let r = 0; r < circle.recipes; r++) {
        const [each, tin] = recipeAt(r);
        const { factor, window } = learnedBake(after, kitchen.traits(each, tin));
        const truth = kitchen.truth(each, tin);
        sum.error += Math.abs(factor / Math.exp(truth) - 1);
        sum.unlearned += Math.abs(1 / Math.exp(truth) - 1);
        const next = truth + (rough ? 0.1 : 0.045) * kitchen.normal();
        if (Math.abs(next - Math.log(factor)) <= EIGHT_IN_TEN * window) sum.held += 1;
        sum.n += 1;
      }
    }
  }
  return new Map([...sums].map(([n, { error, unlearned, held, n: all, oven }]) => [n, { error: (100 * error) / all, unlearned: (100 * unlearned) / all, held: (100 * held) / all, oven }])); // prettier-ignore
}
