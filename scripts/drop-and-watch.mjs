/** Runs inside the page: drops files on the shelf, and watches how long that takes and how long the interface ever stood still. */
export async function dropAndWatch(files) {
  const data = new DataTransfer();
  for (const { name, text } of files) data.items.add(new File([text], name));
  let last = performance.now();
  let still = 0;
  const beat = () => {
    const now = performance.now();
    still = Math.max(still, now - last);
    last = now;
    requestAnimationFrame(beat);
  };
  requestAnimationFrame(beat);
  const since = performance.now();
  document.body.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true }));
  await new Promise((done) => {
    const look = setInterval(() => {
      if (!document.body.innerText.includes(`${files.length} formulas are on the shelf`)) return;
      clearInterval(look);
      done();
    }, 50);
  });
  return { seconds: (performance.now() - since) / 1000, still };
}
