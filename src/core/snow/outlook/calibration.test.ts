import { expect, it } from 'vitest';
import { coverage } from '../../../../tests/unit/coverage';

// With so few trials the share is known to ±0.035; `npm run attack` asks 500 of more cases and holds it within 76–84 %.
it.each([{ count: 6 }, { count: 6, elsewhere: 'ridge' }])(
  'the 80 % band holds the truth about as often as it says, after $count readings',
  (readings) => {
    const held = coverage(readings, 120);
    expect(held).toBeGreaterThan(0.73);
    expect(held).toBeLessThan(0.87);
  },
);
