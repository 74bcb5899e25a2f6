// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest';
import { fireEvent, screen } from '@testing-library/react';
import { chooseFrom, show } from '../../../tests/unit/render';
import { RowMenu } from './row-menu';

const button = () => screen.getByRole('button', { name: 'What to do' });
const actions = () => [
  { key: 'change', title: 'Change', onSelect: vi.fn() },
  { key: 'see', title: 'See', href: '/ski/1' },
  { key: 'remove', title: 'Remove', onSelect: vi.fn() },
];

describe('the menu of a row', () => {
  it('does what is taken from it, and nothing else', async () => {
    const [change, see, remove] = actions();
    show(<RowMenu label="What to do" actions={[change!, see!, remove!]} />);
    await chooseFrom(button(), 'Remove');
    await vi.waitFor(() => expect(remove!.onSelect).toHaveBeenCalledOnce());
    expect(change!.onSelect).not.toHaveBeenCalled();
  });

  it('is closed until it is asked for, and leads where an item leads', async () => {
    show(<RowMenu label="What to do" actions={actions()} />);
    expect(screen.queryByRole('menuitem')).toBeNull();
    fireEvent.click(button());
    const see = await screen.findByRole('menuitem', { name: 'See' });
    expect(see.getAttribute('href')).toBe('/ski/1');
  });
});
