import type { Family, Told } from './method-families.spec-help.js';

// prettier-ignore
const ofen = (c: number): readonly Told[] => [[`Den Backofen auf ${c} °C Ober-/Unterhitze vorheizen.`, { celsius: c }], [`Ofen auf ${c} °C vorheizen.`, { celsius: c }], [`Backofen vorheizen (${c} °C).`, { celsius: c }], [`Den Ofen auf ${c} Grad vorheizen.`, { celsius: c }]];
// prettier-ignore
const back = (lo: number, hi: number): readonly Told[] => [[`Etwa ${lo}-${hi} Minuten backen.`, { minutes: [lo, hi] }], [`Im vorgeheizten Ofen ca. ${hi} Minuten backen.`, { minutes: [hi, hi] }], [`${lo} bis ${hi} Minuten goldbraun backen.`, { minutes: [lo, hi] }], [`Auf mittlerer Schiene ${lo} Min. backen, Stäbchenprobe machen.`, { minutes: [lo, lo] }]];
const kalt: readonly Told[] = [
  'Auf einem Gitter auskühlen lassen.',
  'In der Form 10 Minuten abkühlen lassen, dann stürzen.',
  'Abkühlen lassen und mit Puderzucker bestäuben.',
  '',
];
// prettier-ignore
export const GERMAN_METHODS: readonly Family[] = [
  { title: 'Rührkuchen', region: 'EU', yield: 'Für 12 Stücke',
    list: '250 g weiche Butter\n200 g Zucker\n1 Pck. Vanillezucker\n4 Eier\n300 g Mehl\n2 TL Backpulver\n1 Prise Salz\n100 ml Milch\n80 g gehackte Walnüsse',
    top: /waln/i,
    acts: [ofen(180), ['Eine Kastenform (30 cm) fetten und mit Mehl ausstäuben.', 'Eine Springform (26 cm) einfetten.', 'Eine Kastenform von 25 cm Länge mit Backpapier auslegen.'],
      ['Butter, Zucker und Vanillezucker schaumig rühren.', 'Die weiche Butter mit Zucker, Vanillezucker und Salz cremig schlagen.', 'Butter mit dem Zucker und dem Vanillezucker 5 Minuten aufschlagen.'],
      ['Die Eier einzeln unterrühren.', 'Nach und nach die Eier dazugeben.', 'Eier nacheinander jeweils 1/2 Minute unterrühren.'],
      ['Mehl mit Backpulver und Salz mischen und abwechselnd mit der Milch unterrühren.', 'Das Mehl, Backpulver und Salz vermischen und sieben, dann mit der Milch unter den Teig rühren.', 'Mehl, Backpulver und Salz mischen. Im Wechsel mit der Milch unter die Masse rühren.'],
      ['Die Walnüsse unterheben.', 'Zum Schluss die Nüsse unterheben.', 'Walnüsse unter den Teig heben.'],
      ['Den Teig in die Form füllen und glatt streichen.', 'In die Form geben.', 'Teig einfüllen.'], back(45, 50), kalt] },
  { title: 'Heidelbeermuffins', region: 'EU', yield: '12 Stück',
    list: '250 g Mehl\n2 TL Backpulver\n1/2 TL Natron\n100 g Zucker\n1 Ei\n80 ml Öl\n250 g Buttermilch\n200 g Heidelbeeren',
    acts: [ofen(180), ['Ein 12er-Muffinblech mit Papierförmchen auslegen.', 'Die Mulden eines Muffinblechs (12 Stück) einfetten.'],
      ['Mehl, Backpulver und Natron mischen.', 'In einer Schüssel Mehl mit Backpulver und Natron vermengen.', 'Die trockenen Zutaten vermischen.'],
      ['Das Ei verquirlen, Zucker, Öl und Buttermilch zugeben und verrühren.', 'Ei, Zucker, Öl und Buttermilch verrühren.', 'In einer zweiten Schüssel das Ei mit Zucker, Öl und Buttermilch verquirlen.'],
      ['Die Mehlmischung zugeben und nur kurz unterrühren.', 'Die trockenen Zutaten kurz unterheben.', 'Mehlmischung zu den flüssigen Zutaten geben und kurz verrühren.'],
      ['Heidelbeeren vorsichtig unterheben.', 'Zuletzt die Beeren unterheben.', 'Die Heidelbeeren unter den Teig heben.'],
      ['Den Teig in die Förmchen füllen.', 'Teig auf die Förmchen verteilen.', 'In die Mulden füllen.'], back(20, 25), kalt] },
  { title: 'Zitronenkuchen', region: 'EU', parts: 2, late: /Puderzucker|Zitronensaft|icing|powdered|lemon/i, onlyLate: /powdered/i,
    list: '200 g Butter\n200 g Zucker\n4 Eier\n200 g Mehl\n2 TL Backpulver\n1 TL Zitronenschale\nFür den Guss\n150 g Puderzucker\n3 EL Zitronensaft',
    acts: [ofen(175), ['Eine Kastenform (25 cm) fetten.', 'Eine Kastenform (25 cm) mit Backpapier auslegen.'],
      ['Butter und Zucker schaumig schlagen.', 'Die Butter mit dem Zucker cremig rühren.'],
      ['Eier einzeln unterrühren, Zitronenschale zugeben.', 'Eier und Zitronenschale nach und nach unterrühren.', 'Die Eier und die Zitronenschale dazugeben.'],
      ['Mehl und Backpulver mischen und unterheben.', 'Mehl mit Backpulver mischen, sieben und unterrühren.'],
      ['In die Form füllen.', 'Den Teig in die Form füllen.'], back(45, 50), ['Abkühlen lassen.', 'Den Kuchen auskühlen lassen.', 'Auf ein Gitter stürzen und auskühlen lassen.'],
      ['Für den Guss Puderzucker und Zitronensaft verrühren.', 'Puderzucker mit Zitronensaft glatt rühren.', 'Den Puderzucker mit dem Zitronensaft zu einem Guss verrühren.'],
      ['Den Kuchen damit überziehen.', 'Über den Kuchen gießen.', 'Den Guss über dem Kuchen verteilen.', 'Den Kuchen mit dem Guss bestreichen.']] },
  { title: 'Apfel-Streuselkuchen', region: 'EU', parts: 2, top: /./, 
    list: 'Für den Teig:\n150 g Butter\n150 g Zucker\n3 Eier\n250 g Mehl\n2 TL Backpulver\n4 EL Milch\n3 Äpfel\nFür die Streusel:\n150 g Mehl\n75 g Zucker\n100 g kalte Butter\n1 TL Zimt',
    acts: [ofen(180), ['Eine Springform (26 cm) einfetten.', 'Den Boden einer Springform (26 cm) mit Backpapier auslegen.'],
      ['Äpfel schälen, entkernen und in Spalten schneiden.', 'Die Äpfel schälen und würfeln.'],
      ['Für den Teig Butter und Zucker schaumig rühren.', 'Butter mit Zucker cremig rühren.'],
      ['Eier einzeln unterrühren.', 'Die Eier nacheinander zugeben.'], ['Mehl und Backpulver mischen und mit der Milch unterrühren.', 'Mehl mit Backpulver mischen und im Wechsel mit der Milch unterrühren.'],
      ['Den Teig in die Form füllen und mit den Äpfeln belegen.', 'In die Form geben und die Äpfel darauf verteilen.', 'Teig in der Form verstreichen, Apfelspalten darauf legen.'],
      ['Für die Streusel Mehl, Zucker, Zimt und Butter verkneten.', 'Aus Mehl, Zucker, Butter und Zimt Streusel kneten.', 'Die Zutaten für die Streusel mit den Fingern verkneten.', 'Streusel: Mehl, Zucker, Zimt und kalte Butter in Flöckchen verkneten.'],
      ['Streusel über die Äpfel streuen.', 'Die Streusel auf dem Kuchen verteilen.', 'Mit den Streuseln bestreuen.'], back(50, 55), kalt] },
];
