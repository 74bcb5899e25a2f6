// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { show } from '../../../tests/unit/render';
import { LanguageChoice } from './language-choice';

const reload = vi.fn();
beforeEach(() => {
  reload.mockClear();
  vi.spyOn(window.location, 'reload').mockImplementation(reload);
  document.cookie = 'frost-language=; path=/; max-age=0';
});
const checked = () =>
  screen
    .getAllByRole<HTMLInputElement>('radio')
    .filter((one) => one.checked)
    .map((one) => one.value);

describe('the language of a device', () => {
  it('is that of the browser until one is chosen, and each is named in itself', () => {
    const { text } = show(<LanguageChoice chosen={undefined} />);
    expect(checked()).toEqual(['browser']);
    for (const name of ['Same as browser', 'English', 'Norsk bokmål', 'Deutsch']) {
      expect(text()).toContain(name);
    }
  });

  it('is kept on the device, and the page is loaded anew in it', async () => {
    const { user } = show(<LanguageChoice chosen={undefined} />);
    await user.click(screen.getByRole('radio', { name: 'Deutsch' }));
    expect(document.cookie).toContain('frost-language=de');
    expect(reload).toHaveBeenCalledOnce();
  });

  it('goes back to the browser’s by forgetting what was kept', async () => {
    document.cookie = 'frost-language=nb; path=/';
    const { user } = show(<LanguageChoice chosen="nb" />);
    expect(checked()).toEqual(['nb']);
    await user.click(screen.getByRole('radio', { name: 'Same as browser' }));
    expect(document.cookie).not.toContain('frost-language=nb');
    expect(reload).toHaveBeenCalledOnce();
  });
});
