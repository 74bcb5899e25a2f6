// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { inApp, show } from '../../../tests/unit/render';
import { goOnAction } from './actions';
import { LogDecision } from './log-decision';

const refresh = vi.fn();
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));
vi.mock('./actions', () => ({ goOnAction: vi.fn() }));

const PROBLEM = 'The newest entries may be missing.';
const GO_ON = 'Go on with what is here';

describe('a database without its log', () => {
  it('is gone on with by a person, who then reads where its files are kept', async () => {
    vi.mocked(goOnAction).mockResolvedValue({ ok: true, value: { kept: '/data/aside-1' } });
    const { user, text, rerender } = show(<LogDecision problem={PROBLEM} mayDecide />);
    expect(screen.getByRole('alert').textContent).toContain(PROBLEM);
    await user.click(screen.getByRole('button', { name: GO_ON }));
    expect(refresh).toHaveBeenCalled();
    // The server has nothing to tell any more.
    rerender(inApp(<LogDecision problem={undefined} mayDecide={false} />));
    expect(text()).not.toContain(PROBLEM);
    expect(text()).toContain('The files as they are now are kept in /data/aside-1.');
    await user.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is only told of to who may not decide, and says why it could not be gone on with', async () => {
    const rendered = show(<LogDecision problem={PROBLEM} mayDecide={false} />);
    expect(screen.queryByRole('button', { name: GO_ON })).toBeNull();
    rendered.unmount();
    const message = 'There is nothing to decide.';
    vi.mocked(goOnAction).mockResolvedValue({
      ok: false,
      error: { code: 'conflict', message, details: [] },
    });
    const { user, text } = show(<LogDecision problem={PROBLEM} mayDecide />);
    await user.click(screen.getByRole('button', { name: GO_ON }));
    expect(text()).toContain(message);
    expect(text()).toContain(PROBLEM);
  });
});
