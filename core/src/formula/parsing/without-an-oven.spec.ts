import { readText } from '../reading/index.js';
import { formulaRead } from './formula-read.spec-help.js';
import { withoutAnOven } from './index.js';

describe('what cooks without an oven', () => {
  it('is put into steam for as long as its method says, in other words too', () => {
    for (const step of [
      'Cover, tie with string and steam for 1 1/2 hours.',
      'Steam the pudding gently for 90 minutes, topping up the water.',
      'Place in a pan of simmering water, cover and cook for 1½ hours.',
      'Cover with foil and steam in a kettle of simmering water for 90 minutes.',
      'Mit Folie verschließen und im Wasserbad 90 Minuten garen.',
      'Deckel auflegen und 90 Minuten dämpfen.',
    ])
      expect(withoutAnOven(['Fold in the flour.', step]))
        .withContext(step)
        .toEqual({ by: 'steam', minutes: 90 });
  });
  it('goes on a griddle or into a pan, both sides counted', () => {
    for (const step of [
      'Cook on a dry griddle over a low heat, 3 minutes a side.',
      'Melt a little butter in a frying pan and fry spoonfuls for 3 minutes on each side.',
      'Heat a heavy pan and cook for 2-3 minutes each side.',
      'In einer heißen Pfanne von jeder Seite 3 Minuten backen.',
    ])
      expect(withoutAnOven([step]))
        .withContext(step)
        .toEqual({ by: 'griddle', minutes: 6 });
  });
  it('stands in a slow cooker', () => {
    expect(withoutAnOven(['Scrape into a greased slow cooker.', 'Cook on high for 2 1/2 hours.'])).toEqual({ by: 'slow-cooker', minutes: 150 }); // prettier-ignore
  });
  it('is none of these where an oven bakes it, whatever was steamed, melted or fried before', () => {
    for (const steps of [
      ['Steam the pumpkin for 15 minutes, then mash.', 'Bake at 180C for 35 minutes.'],
      ['Melt the chocolate over a pan of simmering water. Bake for 25 minutes.'],
      ['Fry the bacon in a frying pan for 3 minutes each side.', 'Bake at 190C for 20 minutes.'],
      ['Put a tin of boiling water below for steam.', 'Into the oven for 50 minutes.'],
      ['Bake at 180C for 50 minutes.', 'Toast slices on a hot griddle for 2 minutes.'],
      ['Bake for 40 minutes at gas mark 4, steam will rise from it.'],
      ['Die Schokolade im Wasserbad schmelzen.', 'Bei 180 °C 25 Minuten backen.'],
    ])
      expect(withoutAnOven(steps)).withContext(steps.join(' ')).toBeUndefined();
  });
  it('gives an oven no known time', () => {
    const told = (how: string) =>
      formulaRead(readText(`Damson pudding\n120 g butter\n120 g caster sugar\n2 eggs\n120 g self-raising flour\n\nMethod\n1. Cream the butter and sugar, beat in the eggs, fold in the flour.\n2. Spoon into a 1 litre pudding basin. ${how}`, 'UK')).bake; // prettier-ignore
    expect(told('Cover and steam for 1 1/2 hours.')).toEqual({ fan: false, pan: '1 litre pudding basin' });
    expect(told('Bake for 40 minutes.').lowMinutes).toBe(40);
  });
});
