import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../../../ground/units/index.js';
import type { Mention } from '../../../formula/parsing/index.js';
import type { ReadStep } from '../../audit/index.js';
import type { Rule } from '../evidence.js';
import type { Finding, Fix } from '../finding.js';

type Temperature = Extract<Mention, { kind: 'temperature' }>;

/** Oven dials are marked in tens of °C or 25 °F, and people round to them. @source an oven of 350 °F is written as 175, 177 or 180 °C */
const ROUNDED_CELSIUS = 9;
/** Gas marks are 14 °C apart. */
const ROUNDED_GAS = 12;
/** A fan oven is set 15 to 25 °C lower; Fahrenheit cooks say 25 °F, which is 14 °C. */
const FAN_BELOW = { low: 13.5, high: 28 } as const;
/** Against a gas mark, itself a range. */
const FAN_BELOW_GAS = { low: 5, high: 38 } as const;
const USUAL_FAN_BELOW = 20;
/** Between two ways to say one temperature stand brackets, slashes and the name of the scale, nothing to do. */
const SAME_SETTING =
  /^[^a-z]*(?:(?:c|f|celsius|fahrenheit|fan|convection|oven|gas|mark|or|conventional|forced|deg(?:rees)?)\b[^a-z]*)*$/i;

const written = ({ figure, scale }: Temperature) =>
  scale === 'gas' ? `gas (${Math.round(figure)} °C)` : `${figure} °${scale}`;
const figureFor = (celsius: number, { scale }: Temperature) =>
  scale === 'F' ? 5 * Math.round(fahrenheitFromCelsius(celsius) / 5) : 5 * Math.round(celsius / 5);

function withFigure(step: ReadStep, at: Temperature, figure: number): Fix {
  const put = step.text.slice(at.from, at.to).replace(/\d+/, String(figure));
  return { kind: 'step', stepId: step.id, text: step.text.slice(0, at.from) + put + step.text.slice(at.to), put };
}

/** Two figures for one setting that cannot both be right: Celsius against Fahrenheit or gas, and fan against conventional. */
export const temperatures: Rule = ({ steps }) =>
  steps.flatMap((step) => {
    const temperatures = step.mentions.filter(
      (mention): mention is Temperature => mention.kind === 'temperature' && mention.of === 'oven',
    );
    return temperatures.slice(1).flatMap((second, i): readonly Finding[] => {
      const first = temperatures[i];
      if (!first || !SAME_SETTING.test(step.text.slice(first.to, second.from))) return [];
      const scales = first.scale !== second.scale;
      if (first.fan === second.fan) {
        if (!scales) return [];
        const apart = Math.abs(celsiusOf(first) - celsiusOf(second));
        if (apart <= (first.scale === 'gas' || second.scale === 'gas' ? ROUNDED_GAS : ROUNDED_CELSIUS)) return [];
        const wrong = second.scale === 'gas' ? first : second;
        const right = wrong === first ? second : first;
        return [
          {
            code: 'temperatures-disagree',
            severity: 'warning',
            place: step.id,
            facts: { first: written(first), second: written(second), apart: Math.round(apart) },
            fix: withFigure(step, wrong, figureFor(celsiusOf(right), wrong)),
          },
        ];
      }
      const [fan, plain] = first.fan ? [first, second] : [second, first];
      const below = celsiusOf(plain) - celsiusOf(fan);
      const usual = plain.scale === 'gas' ? FAN_BELOW_GAS : FAN_BELOW;
      if (below >= usual.low && below <= usual.high) return [];
      return [
        {
          code: 'fan-not-below',
          severity: 'warning',
          place: step.id,
          facts: { conventional: written(plain), fan: written(fan), below: Math.round(below) },
          fix: withFigure(step, fan, figureFor(celsiusOf(plain) - USUAL_FAN_BELOW, fan)),
        },
      ];
    });
  });

const celsiusOf = ({ figure, scale, celsius }: Temperature) =>
  scale === 'F' ? celsiusFromFahrenheit(figure) : celsius;
