import { inFileName } from './index.js';

describe('words as a file is named', () => {
  it('keep their letters, and nothing that a disk could mind', () => {
    expect(inFileName('Rhubarb & ginger muffins')).toBe('rhubarb-ginger-muffins');
    expect(inFileName('  Crème fraîche: "best"/… ')).toBe('creme-fraiche-best');
    expect(inFileName('Nußkuchen 2')).toBe('nußkuchen-2');
    expect(inFileName('…')).toBe('');
  });
});
