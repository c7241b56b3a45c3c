import { allDrawn, inTurn } from './inTurn';

it('things are drawn in the order they were asked for, those asked for meanwhile last', async () => {
  const drawn: number[] = [];
  const draw = (each: number) => () => {
    drawn.push(each);
    if (each === 1) inTurn(draw(4));
    return Promise.resolve();
  };
  for (const each of [1, 2, 3]) inTurn(draw(each));
  await allDrawn();
  expect(drawn).toEqual([1, 2, 3, 4]);
});

it('other work comes in between where drawing takes long', async () => {
  const seen: string[] = [];
  const long = (name: string) => () => {
    const end = performance.now() + 40;
    while (performance.now() < end);
    seen.push(name);
    return Promise.resolve();
  };
  inTurn(long('first'));
  inTurn(long('second'));
  setTimeout(() => seen.push('painted'));
  await allDrawn();
  expect(seen).toEqual(['first', 'painted', 'second']);
});

it('nothing is waited for where nothing is drawn', async () => {
  await expect(allDrawn()).resolves.toBeUndefined();
});
