import { inUnits } from './in-units';

it('puts a sentence’s amounts into the firm’s units, and leaves everything else', () => {
  const sentence = 'At 06:10 they take 24 L/min, and the supply gives 22.5 L/min; 12 mm, 30 mm/h.';
  expect(inUnits(sentence, 'us')).toBe(
    'At 06:10 they take 6.3 gal/min, and the supply gives 5.9 gal/min; 0.47 in, 1.18 in/h.',
  );
  expect(inUnits(sentence, 'metric')).toBe(sentence);
});

it('does not take for an amount what is none', () => {
  for (const words of ['12 mmhg', 'station 4.5.6 mm', '3 m', '20 min', '5 kPascal', '9 m²/d'])
    expect(inUnits(words, 'us')).toBe(words);
});
