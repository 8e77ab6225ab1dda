import { bringsIn, LOAF, storeVisits } from './visits.spec-help';

describe('what a file brings', () => {
  const { visit } = storeVisits();
  const changed = { ...LOAF, title: 'Loaf, sweeter' };

  it('keeps its ids where they are free', async () => {
    const store = await visit();
    bringsIn(store, [{ id: 'from-the-file', formula: LOAF }]);
    expect(store.formula('from-the-file')?.formula).toEqual(LOAF);
  });
  it('is told new, the same and different, by its id or by all that is written in it', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    const kinds = store
      .arrivals([
        { id, formula: LOAF, oven: {} },
        { id: 'other', formula: LOAF },
        { id, formula: changed },
        { id: 'new', formula: changed },
      ])
      .map(({ kind }) => kind);
    expect(kinds).toEqual(['same', 'same', 'differs', 'new']);
  });
  it('leaves what is the same as it is, and makes no copy', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    expect(bringsIn(store, [{ id, formula: LOAF }])).toEqual([]);
    expect(store.formulas().length).toBe(1);
    expect(store.undoLabel()).toContain('adding');
  });
  it('keeps both of what differs, takes the file’s, or leaves mine, as it is decided; one undo takes it back', async () => {
    for (const [decision, titles] of [
      ['keep-both', ['Loaf', 'Loaf, sweeter']],
      ['take-theirs', ['Loaf, sweeter']],
      ['skip', ['Loaf']],
    ] as const) {
      const store = await visit();
      for (const { id } of store.formulas()) store.remove(id);
      const { id } = store.add(LOAF);
      bringsIn(store, [{ id, formula: changed }], decision);
      expect(
        store
          .formulas()
          .map(({ formula }) => formula.title)
          .sort(),
      )
        .withContext(decision)
        .toEqual([...titles]);
      if (decision !== 'skip') store.undo();
      expect(store.formulas().map(({ formula }) => formula.title))
        .withContext(decision)
        .toEqual(['Loaf']);
    }
  });
  it('keeps two formulas of one id both, and its ties where they lead', async () => {
    const store = await visit();
    const tied = {
      ...LOAF,
      title: 'Tied',
      components: [{ id: 'c1', name: 'Batter', lines: [{ id: 'l1', text: '10 g spice', formulaId: 'spice' }] }],
    };
    const { id } = store.add({ ...LOAF, title: 'Spice' });
    const brought = bringsIn(store, [
      { id: 'twin', formula: LOAF },
      { id: 'twin', formula: changed },
      { id: 'spice', formula: { ...LOAF, title: 'Spice' } },
      { formula: tied },
    ]);
    expect(new Set(brought.map((record) => record.id)).size).toBe(3);
    // the spice of the file is the one on the shelf
    expect(brought.at(-1)?.formula.components[0]?.lines[0]?.formulaId).toBe(id);
  });
});
