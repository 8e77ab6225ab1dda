import { auditFormula } from '../../bench/audit/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { keepingRow, keepsOf, type HowKept, type KeptPart } from './index.js';

/* What keeping promises, by what is in the bake and on it: held against the rows of the table, and against the cautious baker. */

const CAKE = '225 g plain flour\n2 tsp baking powder\n200 g caster sugar\n200 g butter\n4 eggs\n2 tbsp milk';
const keep = (text: string, how: HowKept = {}) => {
  const reading = readFormula(text, 'UK');
  if (reading.kind !== 'read') throw new Error(text);
  return keepsOf(reading.formula, auditFormula(reading.formula), PLAIN_KITCHEN, how);
};
const withOn = (lines: string, steps = 'Bake at 175 C in a 20 cm round tin', name = 'For the frosting') =>
  keep(`Quay cake\nFor the cake\n${CAKE}\n${name}\n${lines}\n${steps}`);
const top = (lines: string): KeptPart => {
  const part = withOn(lines).parts[1];
  if (part === undefined) throw new Error(lines);
  return part;
};
const codes = ({ reasons }: Pick<KeptPart, 'reasons'>) => reasons.map(({ code }) => code);
const DARK =
  'Harvest fruit cake\n225 g plain flour\n200 g dark brown sugar\n225 g butter\n230 g egg\n900 g mixed dried fruit\n20 g black treacle\n60 g brandy\nBake at 140 C in a 20 cm round tin for 3 hours'; // prettier-ignore

describe('a part that is baked', () => {
  it('says the row that it goes by, its wrap, its cold and its frost', () => {
    const [baked] = keep(`Quay cake\n${CAKE}`).parts;
    const row = keepingRow('cake_butter_plain');
    expect(baked?.baked).toBeTrue();
    expect(baked?.row).toBe(row);
    expect(baked?.reasons).toEqual([{ code: 'row', row: 'cake_butter_plain', days: 4 }]);
    expect([baked?.roomDays, baked?.fridgeDays, baked?.freezerMonths, baked?.wrap]).toEqual([4, 7, 3, row?.wrap]);
    expect(baked?.name).toBe('Batter');
  });
  it('is shortened for each reason by itself, and says which', () => {
    const reason = (how: HowKept) => keep(`Quay cake\n${CAKE}`, how).parts[0];
    expect(codes(reason({ humidity: 71 }) ?? { reasons: [] })).toEqual(['row', 'damp-room']);
    expect(reason({ humidity: 71 })?.roomDays).toBe(3);
    expect(reason({ humidity: 70 })?.roomDays).toBe(4);
    expect(codes(reason({ wrapped: false }) ?? { reasons: [] })).toEqual(['row', 'unwrapped']);
    expect(reason({ wrapped: false })?.roomDays).toBe(2);
    expect(reason({ wrapped: true })?.roomDays).toBe(4);
    expect(codes(reason({ wrappedWarm: true }) ?? { reasons: [] })).toEqual(['row', 'wrapped-warm']);
    expect(reason({ wrappedWarm: true })?.roomDays).toBe(2);
    expect(reason({ roomCelsius: 25 })?.roomDays).toBe(4);
    expect(codes(reason({ roomCelsius: 26 }) ?? { reasons: [] })).toContain('warm-room');
    expect(reason({ roomCelsius: 26 })?.roomDays).toBe(3);
    for (const { code, ...more } of reason({ roomCelsius: 31, humidity: 90, wrapped: false, wrappedWarm: true })?.reasons ?? [])
      expect((more as { days?: number }).days).withContext(code).toBeGreaterThanOrEqual(1);
  });
  it('fed with spirit keeps as its row of fed cakes says, with what is weak three days and a fortnight in the cold', () => {
    const [unfed, fed, weak] = [keep(DARK), keep(DARK, { fed: 'spirit' }), keep(DARK, { fed: 'weak' })].map(({ parts }) => parts[0]);
    expect(unfed?.row?.id).toBe('fruit_cake_dark_unfed');
    expect(fed?.row?.id).toBe('fruit_cake_dark_fed');
    expect([fed?.roomDays, fed?.fridgeDays]).toEqual([90, 180]);
    expect(codes(fed ?? { reasons: [] })).toContain('fed-with-spirit');
    // carried by its alcohol, whatever the room
    expect(keep(DARK, { fed: 'spirit', roomCelsius: 29 }).parts[0]?.roomDays).toBe(90);
    expect(weak?.row?.id).toBe('fruit_cake_dark_unfed');
    expect(weak?.roomDays).toBeLessThanOrEqual(unfed?.roomDays ?? 0);
    // of what is no fruit cake nothing is carried by spirit
    const plain = keep(`Quay cake\n${CAKE}`, { fed: 'spirit', roomCelsius: 29 }).parts[0];
    expect(codes(plain ?? { reasons: [] })).not.toContain('fed-with-spirit');
    const weakly = keep(`Quay cake\n${CAKE}`, { fed: 'weak' }).parts[0];
    expect([weakly?.roomDays, weakly?.fridgeDays]).toEqual([3, 7]);
    expect(codes(weakly ?? { reasons: [] })).toContain('fed-weakly');
    expect(codes(keep(`Quay cake\n${CAKE}`).parts[0] ?? { reasons: [] })).not.toContain('fed-weakly');
  });
  it('goes by what is in it from a twentieth of it on, and not by a trace', () => {
    const muffins = (more: string) =>
      keep(`Muffins\n250 g plain flour\n3 tsp baking powder\n120 g sugar\n220 ml milk\n1 egg\n70 g butter\n${more}`).parts[0]?.row?.id;
    expect(muffins('120 g cheddar, grated')).toBe('muffins_savoury');
    expect(muffins('150 g raspberries')).toBe('muffins_fresh_fruit');
    expect(muffins('15 g raspberries')).toBe(muffins('1 tsp vanilla extract'));
    expect(muffins('15 g parmesan')).toBe(muffins('1 tsp vanilla extract'));
    const scones = (more: string) => keep(`Scones\n225 g self-raising flour\n55 g butter\n25 g sugar\n150 ml milk\n${more}`).parts[0]?.row?.id;
    expect(scones('100 g sultanas')).toBe('scones');
    expect(scones('80 g blueberries')).toBe('scones_fresh_fruit');
    expect(scones('100 g cheddar, grated')).toBe('muffins_savoury');
    const bread = (more: string) => keep(`Soda bread\n450 g plain flour\n1 tsp baking soda\n1 tsp salt\n400 ml buttermilk\n${more}`).parts[0];
    expect(bread('')?.row?.id).toBe('soda_bread');
    expect(bread('120 g cheddar, grated')?.row?.id).toBe('soda_bread_cheese');
    expect(bread('120 g cheddar, grated')?.mustBeCold).toBeTrue();
    expect(bread('120 g cheddar, grated')?.roomDays).toBe(0);
  });
}); // prettier-ignore

describe('a part that is not baked', () => {
  it('goes by its row, the strictest thing in it first', () => {
    const rows: readonly (readonly [string, string, boolean])[] = [
      ['150 g butter\n300 g icing sugar', 'cake_buttercream', false],
      ['200 g cream cheese\n50 g butter\n100 g icing sugar', 'cake_cream_cheese', true],
      ['300 ml double cream', 'cake_dairy_frost', true],
      ['200 g dark chocolate', 'cake_ganache', false],
      ['200 g strawberry jam', 'cake_sandwich_jam', false],
      ['400 g marzipan', 'cake_fondant', false],
      ['200 g strawberries, sliced\n100 g icing sugar', 'cake_fresh_fruit', true],
      ['250 g mascarpone\n200 ml double cream', 'cake_cream_cheese', true],
    ];
    for (const [lines, row, cold] of rows) {
      const part = top(lines);
      expect(part.row?.id).withContext(lines).toBe(row);
      expect(part.baked).withContext(lines).toBeFalse();
      expect(part.mustBeCold).withContext(lines).toBe(cold);
      expect(part.reasons[0]).withContext(lines).toEqual({ code: 'row', row, days: keepingRow(row)?.roomDays ?? NaN });
      expect(part.wrap).toBe(keepingRow(row)?.wrap ?? '');
      expect(part.roomDays).withContext(lines).toBe(cold ? 0 : (keepingRow(row)?.roomDays ?? NaN));
      expect(codes(part)).withContext(lines).not.toContain('unread-filling');
      if (cold) expect(codes(part)).withContext(lines).toContain('perishable');
    }
  });
  it('stands in the room with a spoon of milk in it, and not with a jug', () => {
    const little = top('150 g butter\n300 g icing sugar\n2 tbsp milk');
    expect(little.mustBeCold).toBeFalse();
    expect(codes(little)).not.toContain('perishable');
    const much = top('100 g butter\n100 g icing sugar\n200 ml milk');
    expect(much.mustBeCold).toBeTrue();
    expect(much.roomDays).toBe(0);
    // three days in the cold at most, whatever its row says
    expect(much.fridgeDays).toBe(3);
    expect(codes(much)).toContain('perishable');
  });
  it('of sugar and juice, of nuts or dried fruit, stands as long as the crumb; of juice with little sugar it does not', () => {
    for (const lines of ['120 g icing sugar\n2 tbsp lime juice', '50 g walnuts\n30 g demerara sugar', '100 g raisins']) {
      const part = top(lines);
      expect(part.mustBeCold).withContext(lines).toBeFalse();
      expect([part.roomDays, part.fridgeDays, part.freezerMonths]).withContext(lines).toEqual([4, 7, 3]);
      expect(part.reasons).withContext(lines).toEqual([{ code: 'no-row', days: 4 }]);
      expect(part.wrap).withContext(lines).toBe('airtight, once cold');
      expect(part.baked).toBeFalse();
      expect(part.name).not.toBe('');
    }
    const sour = top('20 g icing sugar\n200 ml orange juice');
    expect(sour.mustBeCold).toBeTrue();
    expect(sour.roomDays).toBe(0);
  });
  it('that was not read keeps as the worst, and says what was not', () => {
    const part = top('150 g butter\n300 g icing sugar\n3 ladles of harbour fluff');
    expect(part.mustBeCold).toBeTrue();
    expect(part.fridgeDays).toBe(2);
    expect(part.reasons).toContain({ code: 'unread-filling', text: '3 ladles of harbour fluff' });
    const nothing = top('harbour fluff');
    expect([nothing.roomDays, nothing.fridgeDays, nothing.freezerMonths]).toEqual([0, 2, 1]);
    expect(nothing.wrap).toBe('covered, 4 °C or below');
    expect(nothing.reasons[0]).toEqual({ code: 'no-row', days: 0 });
  });
  it('is none of its own where it goes into the oven or only helps', () => {
    const steps = (order: readonly string[]) => order.join('\n');
    const before = steps(['Mix it all.', 'Scatter the demerara sugar over.', 'Bake at 175 C in a 20 cm round tin for 40 minutes.']);
    const after = steps(['Mix it all.', 'Bake at 175 C in a 20 cm round tin for 40 minutes.', 'Scatter the demerara sugar over.']);
    expect(withOn('30 g demerara sugar', before, 'For the top').parts.length).toBe(1);
    expect(withOn('30 g demerara sugar', after, 'For the top').parts.length).toBe(2);
    expect(withOn('30 g butter', after, 'For the tin').parts.length).toBe(1);
    expect(withOn('1 egg', after, 'For the egg wash').parts.length).toBe(1);
  });
}); // prettier-ignore

describe('the whole', () => {
  it('is wrapped and explained as its strictest part', () => {
    const { whole, parts } = withOn('300 ml double cream');
    expect(whole.wrap).toBe(parts[1]?.wrap ?? '');
    expect(whole.reasons).toEqual(parts[1]?.reasons ?? []);
    expect(whole.name).toBe('Quay cake');
    expect([whole.roomDays, whole.fridgeDays, whole.freezerMonths, whole.mustBeCold]).toEqual([0, 2, 1, true]);
    const jam = withOn('200 g strawberry jam');
    expect(jam.whole.mustBeCold).toBeFalse();
    expect(jam.whole.wrap).toBe(jam.parts[1]?.wrap ?? '');
    expect([jam.whole.roomDays, jam.whole.fridgeDays, jam.whole.freezerMonths]).toEqual([3, 5, 2]);
    expect(jam.parts.map(({ name }) => name)).toEqual(['Cake', 'Frosting']);
  });
});
