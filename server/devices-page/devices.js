// The page that plays the stand-ins: says commands on the line, draws what the instruments say and what they keep to themselves.
const at = (id) => document.getElementById(id);
const LINES_SHOWN = 6;
const STATE_EVERY = 500;
const COURSE_POINTS = 240;

let socket;
let wait = 250;
function connect() {
  const scheme = location.protocol === 'https:' ? 'wss' : 'ws';
  socket = new WebSocket(`${scheme}://${location.host}/devices/socket`);
  socket.addEventListener('open', () => {
    wait = 250;
    at('line').textContent = 'on the line';
  });
  socket.addEventListener('message', ({ data }) => show(data));
  socket.addEventListener('close', () => {
    at('line').textContent = 'the line is down; trying again';
    setTimeout(connect, wait);
    wait = Math.min(5000, wait * 2);
  });
}
const say = (command) => {
  if (socket.readyState === WebSocket.OPEN) socket.send(JSON.stringify(command));
};

let every = false;
let shownAt = 0;
/** A pack, or what was wrong with a command, as it was sent. */
function show(data) {
  const isWrong = data.startsWith('{');
  if (!isWrong && !every && performance.now() - shownAt < 1000) return;
  shownAt = performance.now();
  const line = document.createElement('li');
  line.textContent = isWrong ? `▲ refused: ${JSON.parse(data).error}` : data;
  if (isWrong) line.className = 'wrong';
  at('wire').prepend(line);
  while (at('wire').children.length > LINES_SHOWN) at('wire').lastChild.remove();
}

const rounded = (value, digits = 0) => (value === undefined ? '–' : value.toFixed(digits));
const course = [];
function draw({ scale, oven, probe, unplugged, refused, pace }) {
  const grams = scale.grams;
  at('mass').textContent = unplugged.includes('scale') ? 'off' : grams === undefined ? 'OL' : `${rounded(grams)}`;
  at('level').setAttribute('y', String(114 - Math.min(90, Math.max(0, (grams ?? 0) / 14))));
  at('scale-told').textContent = scale.pouring ? 'pouring' : scale.stable ? 'stands still' : 'settling';
  at('air').textContent = rounded(oven.air);
  at('thermometer').textContent = unplugged.includes('thermometer') ? 'pulled' : rounded(oven.thermometer);
  at('set').textContent = rounded(oven.set);
  for (const [id, on] of [
    ['door', oven.door],
    ['fan', oven.fan],
    ['power', !oven.power],
  ])
    at(id).setAttribute('aria-pressed', String(on));
  course.push([oven.air, oven.set]);
  if (course.length > COURSE_POINTS) course.shift();
  const y = (celsius) => (115 - (celsius / 260) * 110).toFixed(1);
  const line = (which) =>
    `M${course.map((point, i) => `${((i / COURSE_POINTS) * 320).toFixed(1)} ${y(point[which])}`).join('L')}`;
  at('air-line').setAttribute('d', line(0));
  at('set-line').setAttribute('d', line(1));
  at('core').textContent = unplugged.includes('probe') ? 'off' : probe.where === 'out' ? '–' : rounded(probe.shown, 1);
  at('coldest').textContent = rounded(probe.core, 1);
  at('place').textContent = { in: 'stands in it', fallen: 'fell out', out: 'lies on the counter' }[probe.where];
  const [x, y0] = probe.where === 'in' ? [160 + probe.x * 1.4, 122 - probe.z * 1.2] : [270, 120];
  at('tip').setAttribute('cx', x);
  at('tip').setAttribute('cy', y0);
  at('rod').setAttribute('x2', x);
  at('rod').setAttribute('y2', y0);
  at('rod').setAttribute('x1', x + 30);
  at('refused').textContent = String(refused);
  for (const button of document.querySelectorAll('[data-plug]'))
    button.setAttribute('aria-pressed', String(unplugged.includes(button.dataset.plug)));
  if (pace !== 1) at('line').textContent = `on the line, ${pace} times as fast`;
}
async function refresh() {
  try {
    draw(await (await fetch('/devices/state')).json());
  } catch {
    // the line says that it is down
  }
}

const rate = () => Number(document.querySelector('input[name=rate]:checked').value);
let pouring;
const stopPouring = () => {
  clearInterval(pouring);
  pouring = undefined;
};
const startPouring = () => {
  if (pouring) return;
  const some = () => say({ do: 'pour', grams: Math.max(0.1, rate() / 5), rate: rate() });
  some();
  pouring = setInterval(some, 200);
};
at('pour').addEventListener('pointerdown', startPouring);
for (const event of ['pointerup', 'pointercancel', 'pointerleave', 'blur'])
  at('pour').addEventListener(event, stopPouring);
at('pour').addEventListener('keydown', ({ key, repeat }) => {
  if ((key === ' ' || key === 'Enter') && !repeat) startPouring();
});
at('pour').addEventListener('keyup', stopPouring);
at('set-it').addEventListener('click', () => say({ do: 'set', celsius: at('set-to').valueAsNumber }));
const isOn = (id) => at(id).getAttribute('aria-pressed') === 'true';
at('door').addEventListener('click', () => say({ do: 'door', open: !isOn('door') }));
at('fan').addEventListener('click', () => say({ do: 'fan', on: !isOn('fan') }));
at('power').addEventListener('click', () => say({ do: 'power', on: isOn('power') }));
at('slow').addEventListener('click', () => {
  every = !every;
  at('slow').setAttribute('aria-pressed', String(every));
});
for (const button of document.querySelectorAll('[data-do]'))
  button.addEventListener('click', () => say(JSON.parse(button.dataset.do)));
for (const [kind, on, off] of [
  ['plug', 'unplug', 'plug'],
  ['freeze', 'freeze', 'thaw'],
])
  for (const button of document.querySelectorAll(`[data-${kind}]`))
    button.addEventListener('click', () => {
      const was = button.getAttribute('aria-pressed') === 'true';
      button.setAttribute('aria-pressed', String(!was));
      say({ do: was ? off : on, what: button.dataset[kind] });
    });

connect();
setInterval(refresh, STATE_EVERY);
void refresh();
