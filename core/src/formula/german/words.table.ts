/*
 * German kitchen words, folded (lower case, ß as ss, ä as ae, ö as oe, ü as ue, é as e, hyphens as spaces). Spoons hold 15 and 5 ml.
 * Packets, tubs and tins go by what is in them. An English word stands for what the reader of formulas knows.
 */

/** What a German measure is: grams, millilitres, an English spoon, grams by what is in it, or a piece. */
export type GermanUnit =
  | { readonly grams: number }
  | { readonly millilitres: number; readonly gramsOf?: Readonly<Record<string, number>> }
  | { readonly spoon: 'tbsp' | 'tsp' }
  | { readonly gramsOf: Readonly<Record<string, number>> }
  | { readonly piece: true };

const TUB = { 'heavy-cream': 200, 'whipping-cream': 200, 'sour-cream': 200, 'light-sour-cream': 200, 'creme-fraiche': 150, 'plain-yogurt': 150, 'greek-yogurt': 150, quark: 250, buttermilk: 500, mascarpone: 250 }; // prettier-ignore
const JAR = { 'sour-cherries': 350, 'sweet-cherries': 350, applesauce: 360, 'sun-dried-tomatoes': 140 };
const TIN = { 'mandarin-segments': 175, 'canned-peaches': 250, peach: 250, pineapple: 340, 'canned-pears': 230, 'coconut-milk': 400, sweetcorn: 285, 'canned-chickpeas': 240, 'black-beans': 240, 'crushed-pineapple': 340, 'sweetened-condensed-milk': 400, 'evaporated-milk': 340 }; // prettier-ignore
const PACKET = {
  'uk-baking-powder': 15, 'baking-powder': 15, 'tartrate-baking-powder': 17, 'vanilla-sugar': 8, 'instant-yeast': 7, 'active-dry-yeast': 7,
  'custard-powder': 37, 'cream-stabiliser': 8, 'gelatin-powder': 9, 'baking-soda': 5, 'bakers-ammonia': 10, 'gingerbread-spice': 15,
  'citric-acid': 5, agar: 10, 'pectin-powder': 25, 'almond-flour': 200, 'hazelnut-meal': 200, 'cream-cheese': 200, 'fresh-yeast': 42,
  'unsalted-butter': 250, 'lemon-zest': 6, 'instant-pudding-mix': 60, saffron: 0.1, 'bittersweet-chocolate': 100,
}; // prettier-ignore
const BUNCH = { chives: 25, parsley: 40, cilantro: 40, scallion: 150, carrot: 500, rhubarb: 500 };

/** @source words_de.json, units */
export const GERMAN_UNITS: readonly (readonly [forms: string, unit: GermanUnit])[] = [
  ['g|gr|gramm', { grams: 1 }],
  ['kg|kilo|kilogramm', { grams: 1000 }],
  ['pfund|pfd', { grams: 500 }],
  ['viertelpfund', { grams: 125 }],
  ['ml|milliliter', { millilitres: 1 }],
  ['cl|zentiliter', { millilitres: 10 }],
  ['dl|deziliter', { millilitres: 100 }],
  ['l|liter|ltr', { millilitres: 1000 }],
  ['viertelliter', { millilitres: 250 }],
  ['achtelliter', { millilitres: 125 }],
  ['dreiviertelliter', { millilitres: 750 }],
  ['el|essl|essloeffel|essloeffeln', { spoon: 'tbsp' }],
  ['tl|teel|teeloeffel|teeloeffeln|kaffeeloeffel|kl', { spoon: 'tsp' }],
  ['msp|messerspitze|messerspitzen', { millilitres: 0.5 }],
  ['prise|prisen|pr', { millilitres: 0.3 }],
  ['schuss', { millilitres: 15 }],
  ['spritzer', { millilitres: 1.5 }],
  ['tropfen|tr', { millilitres: 0.05 }],
  ['flaeschchen|roehrchen', { millilitres: 2 }],
  ['tasse|tassen|ta', { millilitres: 150 }],
  ['becher|bch', { millilitres: 200, gramsOf: TUB }],
  ['handvoll|hand voll', { millilitres: 120 }],
  ['glas|glaeser', { gramsOf: JAR }],
  ['dose|dosen|buechse|ds', { gramsOf: TIN }],
  ['pck|pckg|paeckchen|packung|pkg|pk|p|beutel|btl|tuete|tuetchen|pack', { gramsOf: PACKET }],
  ['wuerfel|wrfl', { gramsOf: { 'fresh-yeast': 42, 'baking-margarine': 250 } }],
  ['tafel|tafeln', { grams: 100 }],
  ['riegel|rippe|rippen', { grams: 16.7 }],
  ['blatt|blaetter', { gramsOf: { 'gelatin-leaf': 1.7 } }],
  ['bund|bd|buendel', { gramsOf: BUNCH }],
  ['zehe|zehen', { gramsOf: { garlic: 4 } }],
  ['schote|schoten', { gramsOf: { 'vanilla-bean': 3 } }],
  ['scheibe|scheiben', { gramsOf: { ham: 28, cheddar: 25 } }],
  ['stange|stangen', { gramsOf: { rhubarb: 51, 'ground-cinnamon': 4 } }],
  ['kugel|kugeln', { gramsOf: { mozzarella: 125 } }],
  ['stueck|stuecke|stk|st', { piece: true }],
];

/** @source words_de.json, numbers and fractions */
export const GERMAN_NUMBERS: Readonly<Record<string, number>> = {
  ein: 1, eine: 1, einen: 1, einem: 1, einer: 1, eins: 1, zwei: 2, drei: 3, vier: 4, fuenf: 5, sechs: 6, sieben: 7, acht: 8, neun: 9,
  zehn: 10, elf: 11, zwoelf: 12, fuenfzehn: 15, zwanzig: 20, dreissig: 30, vierzig: 40, fuenfzig: 50, hundert: 100, 'ein paar': 3,
  halb: 0.5, halbe: 0.5, halber: 0.5, halben: 0.5, halbes: 0.5, 'ein halber': 0.5, 'eine halbe': 0.5, 'ein halbes': 0.5,
  'einen halben': 0.5, eineinhalb: 1.5, anderthalb: 1.5, zweieinhalb: 2.5, dreieinhalb: 3.5, viertel: 0.25, 'ein viertel': 0.25,
  dreiviertel: 0.75, 'drei viertel': 0.75, drittel: 1 / 3, 'ein drittel': 1 / 3, 'zwei drittel': 2 / 3, achtel: 0.125,
}; // prettier-ignore

/** Words round an amount, and what they make of it. */
export const GERMAN_HEDGES: Readonly<Record<string, number>> = {
  gestrichen: 1, gestrichene: 1, gestrichener: 1, gestr: 1, gehaeuft: 1.5, gehaeufte: 1.5, gehaeufter: 1.5, geh: 1.5,
  'leicht gehaeuft': 1.25, 'leicht gehaeufte': 1.25, 'leicht gehaeufter': 1.25, 'gut gehaeuft': 1.5, 'gut gehaeufte': 1.5,
  'gut gehaeufter': 1.5, knapp: 0.9, knappe: 0.9, knapper: 0.9, gut: 1.1, gute: 1.1, guter: 1.1, reichlich: 1.15, ca: 1, circa: 1,
  etwa: 1, ungefaehr: 1, rund: 1, mindestens: 1, hoechstens: 1, maximal: 1,
}; // prettier-ignore

/** How large a piece is. */
export const GERMAN_SIZES: Readonly<Record<string, string>> = {
  klein: 'small', kleine: 'small', kleiner: 'small', kleines: 'small', mittelgross: 'medium', mittelgrosse: 'medium', gross: 'large',
  grosse: 'large', grosser: 'large', grosses: 'large',
}; // prettier-ignore

/** How a thing is prepared. An inflected end is cut before it is looked up. */
export const GERMAN_PREPARATIONS: Readonly<Record<string, string>> = {
  weich: 'soft', kalt: 'cold', warm: 'warm', lauwarm: 'lukewarm', heiss: 'hot', zerlassen: 'melted', geschmolzen: 'melted',
  fluessig: 'melted', geraspelt: 'grated', gerieben: 'grated', gehackt: 'chopped', gewuerfelt: 'diced', gemahlen: 'ground', gem: 'ground', gehobelt: 'flaked',
  gesiebt: 'sifted', reif: 'ripe', zerdrueckt: 'mashed', pueriert: 'pureed', frisch: 'fresh', tk: 'frozen', gefroren: 'frozen',
  geschaelt: 'peeled', entsteint: 'pitted', geroestet: 'toasted', getrocknet: 'dried', abgetropft: 'drained',
}; // prettier-ignore

/** What is said of an ingredient besides, in whole words. */
export const GERMAN_REMARKS: readonly (readonly [words: string, english: string])[] = [
  ['nach belieben|nach geschmack|n b', 'if you like'],
  ['evtl|eventuell|optional', 'optional'],
  ['zum bestreuen', 'for sprinkling'],
  ['zum bestaeuben', 'for dusting'],
  ['zum bestreichen', 'for brushing'],
  ['zum verzieren|zum garnieren|fuer die deko', 'for decoration'],
  ['fuer die form|fuer das blech|zum einfetten|zum fetten', 'for greasing'],
];

/** Words of the tables that an English text about baking may have as well: they give nothing away. */
export const SHARED_WITH_ENGLISH: ReadonlySet<string> = new Set([
  'abc', 'aroma', 'art', 'bio', 'blech', 'brand', 'cassis', 'celsius', 'ceylon', 'chips', 'circa', 'colas', 'creme', 'dem', 'den', 'der', 'die',
  'dose', 'elf', 'frosting', 'glas', 'gouda', 'gramm', 'gugelhupf', 'hand', 'hell', 'her', 'herbe', 'kilo', 'kilogramm', 'kola', 'kranz', 'kugel', 'limo', 'liter', 'ltr',
  'mark', 'maximal', 'milliliter', 'mince', 'mind', 'minute', 'most', 'muffin', 'muffins', 'nougat', 'optional', 'pack', 'pkg', 'quark', 'rosa',
  'savarinform', 'speck', 'springform', 'stark', 'stein', 'streusel', 'stufe', 'topping', 'usa', 'von', 'warm',
]); // prettier-ignore
