/** The stations in German. */
// words are longer there
const inGerman = (path) => async (page) => {
  await page.goto(new URL(`/de${path}`, page.url()).href);
  await page.getByRole('navigation', { name: 'Stationen' }).waitFor();
  await page.waitForLoadState('networkidle');
};

export const GERMAN_VIEWS = Object.fromEntries(
  [
    'shelf',
    'bench/demo-pear-cardamom-loaf',
    'batch/demo-pear-cardamom-loaf',
    'oven/demo-pear-cardamom-loaf',
    'book',
    'pantry',
  ].map((path) => [`${path.replace(/\/.*/, '')}-german`, inGerman(`/${path}`)]),
);
