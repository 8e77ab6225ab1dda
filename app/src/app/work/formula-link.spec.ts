import { linkFor, LONGEST_LINK, textInLink } from './formula-link';

const SHELF = 'http://127.0.0.1:4300/shelf';
const TEXT = 'Pear loaf\n1¾ cups flour\n½ tsp bicarb\n3 ripe pears, puréed\nBake at 350 °F – 55 minutes.';
const fragmentOf = (link: string) => link.slice(link.indexOf('#') + 1);

describe('an address that holds a formula', () => {
  it('gives back every letter of it, and none of them where a server could see it', () => {
    const link = linkFor(TEXT, SHELF) ?? '';
    expect(link.startsWith(`${SHELF}#`)).toBeTrue();
    expect(new URL(link).pathname + new URL(link).search).toBe('/shelf');
    expect(textInLink(fragmentOf(link))).toEqual({ text: TEXT });
  });
  it('is a plain address: letters, digits and what needs no escape', () => {
    for (const text of [TEXT, '\u{1f967} pie\n200 g Mehl', 'x'.repeat(5000)])
      expect(fragmentOf(linkFor(text, SHELF) ?? '')).toMatch(/^formula=[\w-]+$/);
  });
  it('is not made where it would be cut on its way', () => {
    let seed = 7;
    const noise = Array.from({ length: 20_000 }, () =>
      String.fromCharCode(33 + ((seed = (seed * 48271) % 2147483647) % 90)),
    );
    expect(linkFor(noise.join(''), SHELF)).toBeUndefined();
    expect((linkFor('200 g flour\n'.repeat(3000), SHELF) ?? '').length).toBeLessThan(LONGEST_LINK);
  });
  it('says so when it was damaged, whatever was done to it', () => {
    const whole = fragmentOf(linkFor(TEXT, SHELF) ?? '');
    const broken = ['formula=', 'formula=%%%', 'formula=AAAA', `formula=${'A'.repeat(9000)}`, `${whole.slice(0, 20)}~`];
    for (const each of broken) expect(textInLink(each)).withContext(each.slice(0, 30)).toBe('damaged');
    for (let at = 9; at < whole.length; at += 7) {
      const cut = textInLink(whole.slice(0, at));
      expect(cut === 'damaged' || (typeof cut === 'object' && TEXT.startsWith(cut.text.slice(0, 5)))).toBeTrue();
    }
  });
  it('unfolds no bomb', () => {
    const bomb = linkFor('0'.repeat(4_000_000), SHELF) ?? '';
    expect(bomb.length).toBeGreaterThan(100);
    expect(textInLink(fragmentOf(bomb))).toBe('damaged');
  });
  it('is nothing to read where the address says something else', () => {
    expect(textInLink('risk')).toBeUndefined();
    expect(textInLink('')).toBeUndefined();
  });
});
