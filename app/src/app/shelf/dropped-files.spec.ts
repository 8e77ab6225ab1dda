import { readableFiles } from './dropped-files';

const file = (name: string) => new File(['x'], name);

describe('readableFiles', () => {
  it('takes what can hold a formula and counts the rest', () => {
    const { files, others } = readableFiles(
      ['a.txt', 'b.md', 'c.HTML', 'd.jsonld', 'e.csv', 'README', 'f.png', '.hidden'].map(file),
    );
    expect(files.map(({ name }) => name)).toEqual(['a.txt', 'b.md', 'c.HTML', 'd.jsonld', 'e.csv', 'README']);
    expect(others).toBe(1);
  });
  it('gives the text when asked', async () => {
    const [first] = readableFiles([new File(['200 g flour'], 'a.txt')]).files;
    expect(await first?.text()).toBe('200 g flour');
  });
});
