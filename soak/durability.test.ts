import { House, ROUNDS } from './house';

const house = new House('durability', 4712);

beforeAll(async () => {
  await house.raze();
  await house.open();
}, 120_000);
afterAll(() => house.raze(), 60_000);

const body = (text: string, version: number) => ({
  title: 'Ballast',
  text,
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
  version,
});

const WAYS = [['server'], ['database'], ['server', 'database']] as const;

it(`every save that was acknowledged is there after a crash: ${ROUNDS} rounds`, async () => {
  const { version: _, ...fresh } = body('| C6 |', 1);
  const made = await house.send('POST', '/tunes', fresh);
  const { id } = (await made.json()) as { id: string };
  let acknowledged = { text: '| C6 |', version: 1 };
  let saves = 0;
  for (let round = 0; round < ROUNDS; round += 1) {
    const crash = setTimeout(
      () => {
        house.kill(...WAYS[round % WAYS.length]!);
      },
      150 + ((round * 97) % 400),
    );
    let sent: typeof acknowledged;
    for (;;) {
      const next = { text: `| C6 | ${'F6 '.repeat((saves % 4) + 1)}| "${saves}" G7 |`, version: 0 };
      sent = { ...next, version: acknowledged.version };
      const answer = await house
        .send('PUT', `/tunes/${id}`, body(sent.text, sent.version))
        .catch(() => undefined);
      if (!answer?.ok) break;
      const { version } = (await answer.json()) as { version: number };
      acknowledged = { text: sent.text, version };
      saves += 1;
    }
    clearTimeout(crash);
    await house.answers();
    const stored = (await (await house.get(`/tunes/${id}`)).json()) as {
      text: string;
      version: number;
    };
    // The last one sent may have been stored although its answer was lost.
    const lost = stored.text === sent.text && stored.version === sent.version + 1;
    if (!lost) expect(stored).toMatchObject(acknowledged);
    acknowledged = { text: stored.text, version: stored.version };
  }
  expect(saves).toBeGreaterThan(ROUNDS);
}, 3_600_000);
