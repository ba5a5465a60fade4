import { Sheet } from '@water-clock/core/sheets';
import { weekPicture } from './week-picture.js';

const picture = (
  bars: { program: string; from: number; to: number }[],
  clock: '24' | '12' = '24',
) =>
  weekPicture(
    Object.assign(new Sheet(), { clock, week: [{ date: '2026-06-01', bars }] }),
    62 + 8 + 1440,
  );

const rectsOf = (svg: string) =>
  [...svg.matchAll(/<rect x="([\d.]+)" y="[\d.]+" width="([\d.]+)"/g)].map(([, x, width]) => [
    Number(x),
    Number(width),
  ]);

it('draws each run where it is in the day, and a short one so that it can be seen', () => {
  const svg = picture([
    { program: 'A', from: 0, to: 60 },
    { program: 'B', from: 720, to: 721 },
    { program: 'C', from: 1430, to: 1440 },
  ]);
  expect(rectsOf(svg)).toEqual([
    [62, 60],
    [62 + 720, 1.5],
    [62 + 1430, 10],
  ]);
  // The letter is inside a wide bar and before a narrow one.
  expect(svg).toContain('fill="#ffffff">A</text>');
  expect(svg).toContain('text-anchor="end" fill="#26231f">B</text>');
});

it('names the hours as the person reads them, and lets no program name break the picture', () => {
  expect(picture([], '12')).toContain('>3 AM</text>');
  expect(picture([])).toContain('>15</text>');
  expect(picture([{ program: '<b>&"', from: 0, to: 1 }])).toContain('&lt;b>&amp;&quot;</text>');
});
