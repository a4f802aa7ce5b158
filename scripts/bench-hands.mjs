import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { run } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

const BUILD = 'River pumper';
/** How much slower than this machine: an old desk, or a tablet. */
const SLOWER = 4;
const TIMES = 10;
const EDITS = 300;
/** As long as a person looks before the next deed: what follows the paint has come. */
const LOOK_MS = 700;

/* global window, document, requestAnimationFrame, PerformanceObserver, MessageChannel, MutationObserver */

/** Notes in the page when what a person did was painted, and the tasks that held everything up. */
function watchHands() {
  const hands = { events: [], painted: [], tasks: [] };
  window.hands = hands;
  new PerformanceObserver((list) =>
    hands.tasks.push(...list.getEntries().map(({ duration }) => duration)),
  ).observe({ type: 'longtask' });
  const afterPaint = (then) =>
    requestAnimationFrame(() => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = () => then(performance.now());
      port2.postMessage(null);
    });
  for (const kind of ['click', 'keydown', 'pointermove'])
    window.addEventListener(
      kind,
      ({ timeStamp }) =>
        afterPaint((at) => hands.events.push({ kind, tookMs: at - timeStamp, from: timeStamp })),
      { capture: true },
    );
  /** From the last event of a kind to the paint after a place of the page has changed. */
  window.untilChanged = (selector) => {
    const place = document.querySelector(selector);
    hands.painted = [];
    new MutationObserver((_, observer) => {
      observer.disconnect();
      afterPaint((at) => hands.painted.push(at));
    }).observe(place, { subtree: true, childList: true, characterData: true, attributes: true });
  };
}

const sorted = (all) => [...all].sort((a, b) => a - b);
const median = (all) => sorted(all)[Math.floor(all.length / 2)] ?? NaN;
const most = (all) => Math.max(0, ...all);
const ms = (figure) => `${figure.toFixed(0)} ms`;

/** What a page has loaded, in kB as they came over the line. */
async function weighLoad(browser, address, shown) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  const line = await context.newCDPSession(page);
  await line.send('Network.enable');
  const kinds = new Map();
  const urls = new Map();
  const bytes = new Map();
  line.on('Network.responseReceived', ({ requestId, type, response }) => {
    kinds.set(requestId, type);
    urls.set(requestId, response.url);
  });
  line.on('Network.loadingFinished', ({ requestId, encodedDataLength }) =>
    bytes.set(requestId, encodedDataLength),
  );
  await page.goto(address);
  await shown(page).waitFor();
  const sums = {};
  const all = [...bytes].map(([id, of]) => [urls.get(id) ?? '', kinds.get(id) ?? 'other', of]);
  for (const [url, kind, of] of all) {
    const what = url.includes('/api/') ? 'data' : kind.toLowerCase();
    sums[what] = (sums[what] ?? 0) + of / 1024;
  }
  await context.close();
  const files = Object.entries(sums).filter(([what]) => what !== 'data' && what !== 'font');
  const total = files.reduce((sum, [, kb]) => sum + kb, 0);
  const parts = files.map(([what, kb]) => `${what} ${kb.toFixed(0)}`).join(', ');
  return `${total.toFixed(0)} kB (${parts}), fonts ${(sums.font ?? 0).toFixed(0)} kB, data ${(sums.data ?? 0).toFixed(0)} kB`;
}

async function benchHands() {
  const { chromium } = await import('@playwright/test');
  const folder = mkdtempSync(join(tmpdir(), 'baros-bench-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  const server = await startServer(database.url, await freePort(), { BAROS_DEMONSTRATION: 'on' });
  const browser = await chromium.launch({ executablePath: ensureChromium() });
  try {
    const address = server.url.replace('/api', '');
    const { builds } = await (await fetch(`${server.url}/builds?text=${encodeURIComponent(BUILD)}`)).json();
    const bench = `${address}/builds/${builds.find(({ name }) => name === BUILD).id}`;
    const scale = (page) => page.getByRole('button', { name: /Gross weight/ });
    const row = (page) => page.getByRole('link', { name: BUILD, exact: true });
    console.log(`first load of the yard: ${await weighLoad(browser, address, row)}`);
    console.log(`first load of the bench: ${await weighLoad(browser, bench, scale)}`);

    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    await context.addInitScript(watchHands);
    const page = await context.newPage();
    await page.goto(bench);
    await scale(page).waitFor();
    const line = await context.newCDPSession(page);
    await line.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    const steps = page.getByRole('navigation', { name: 'Order of work' }).getByRole('button');
    const goTo = (name) => steps.filter({ hasText: name }).first().click();
    const look = () => page.waitForTimeout(LOOK_MS);
    const SCALE = 'section[aria-label="Scale"]';

    /** Does something some times: from the event to the paint in which its place has changed. */
    const measure = async (what, kind, place, deed, times = TIMES) => {
      const took = [];
      await look();
      await page.evaluate(() => (window.hands.tasks.length = 0));
      for (let i = 0; i < times; i++) {
        await page.evaluate((at) => {
          window.hands.events.length = 0;
          window.untilChanged(at);
        }, place);
        await deed(i);
        await page.waitForFunction(() => window.hands.painted.length > 0);
        took.push(
          await page.evaluate(
            (of) => window.hands.painted[0] - window.hands.events.find((event) => event.kind === of).from,
            kind,
          ),
        );
        await look();
      }
      const tasks = await page.evaluate(() => window.hands.tasks);
      console.log(
        `${what}: ${ms(median(took))} median, ${ms(most(took))} longest; longest task ${ms(most(tasks))}`,
      );
    };

    const yardstick = await page.evaluate(() => {
      const start = performance.now();
      let sum = 0;
      for (let i = 0; i < 2e7; i++) sum += Math.sqrt(i);
      return sum > 0 ? performance.now() - start : 0;
    });
    console.log(
      `on a processor ${SLOWER} times slower (20 million square roots: ${ms(yardstick)}), to the paint:`,
    );
    await goTo('Chassis');
    await look();
    const options = page.getByRole('complementary').getByRole('radio');
    await measure('choosing a chassis', 'click', SCALE, async () => {
      await page.getByRole('complementary').getByRole('radio', { checked: false }).first().click();
    });
    const wheelbase = page.getByRole('slider', { name: /Wheelbase, slider/ });
    await wheelbase.focus();
    await measure('stepping the wheelbase by key', 'keydown', SCALE, (i) =>
      page.keyboard.press(i % 2 ? 'ArrowLeft' : 'ArrowRight'),
    );
    await goTo('Pump');
    await look();
    await measure('choosing a pump', 'click', SCALE, (i) => options.nth(i % 2 ? 1 : 2).click());

    await goTo('Tank');
    await look();
    const tank = page.getByRole('slider', { name: 'Move: Tank' }).first();
    const box = await tank.boundingBox();
    const [x, y] = [box.x + box.width * 0.22, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 8, y);
    await look();
    await page.evaluate(() => {
      window.hands.events.length = 0;
      window.hands.tasks.length = 0;
    });
    for (let i = 1; i <= 60; i++) await page.mouse.move(x + 8 + Math.abs(30 - i), y);
    const { moves, tasks } = await page.evaluate(() => ({
      moves: window.hands.events.map(({ tookMs }) => tookMs),
      tasks: window.hands.tasks,
    }));
    console.log(
      `dragging the tank: ${ms(median(moves))} median, ${ms(most(moves))} longest; longest task ${ms(most(tasks))}`,
    );
    await page.mouse.up();

    const PANEL = 'aside';
    const names = (await steps.allInnerTexts()).map((text) => text.split('\n').find((t) => /^[A-Z]/.test(t)));
    console.log(`  (steps: ${names.join(', ')})`);
    const count = names.length;
    await measure('switching the step', 'click', PANEL, (i) => steps.nth(i % count).click(), count);
    await measure(
      'opening Hose loads',
      'click',
      PANEL,
      async () => {
        await goTo('Hose');
      },
      1,
    );

    await line.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    await goTo('Chassis');
    await look();
    const heap = async () => {
      await line.send('HeapProfiler.collectGarbage');
      return (await line.send('Runtime.getHeapUsage')).usedSize / 2 ** 20;
    };
    const before = await heap();
    for (let i = 0; i < EDITS; i++) {
      await page.getByRole('slider', { name: /Wheelbase, slider/ }).press(i % 2 ? 'ArrowLeft' : 'ArrowRight');
      await page.evaluate(() => document.activeElement.blur());
    }
    await look();
    console.log(`${EDITS} edits: ${((await heap()) - before).toFixed(1)} MB more`);
  } finally {
    await browser.close();
    await server.kill();
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

await run(async () => {
  await ensureAllPackages();
  await buildAll();
  await benchHands();
});
