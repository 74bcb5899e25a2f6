// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest';
import { ChakraProvider } from '@chakra-ui/react';
import { fireEvent, render, screen } from '@testing-library/react';
import { chooseFrom, show } from '../../../tests/unit/render';
import { system } from '../theme/system';
import { RowMenu } from './row-menu';
import { RowTable } from './data-table';

const button = () => screen.getByRole('button', { name: 'What to do' });
const actions = () => [
  { key: 'change', title: 'Change', onSelect: vi.fn() },
  { key: 'see', title: 'See', href: '/ski/1' },
  { key: 'remove', title: 'Delete', onSelect: vi.fn() },
];

describe('the menu of a row', () => {
  it('does what is taken from it, and nothing else', async () => {
    const [change, see, remove] = actions();
    show(<RowMenu label="What to do" actions={[change!, see!, remove!]} />);
    await chooseFrom(button(), 'Delete');
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

it('what is open or typed in a row stays when the table is made anew', () => {
  const table = (names: string[]) => (
    <ChakraProvider value={system()}>
      <RowTable
        caption="Things"
        keyOf={({ name }) => name}
        rows={names.map((name) => ({ name }))}
        columns={[
          { id: 'name', title: 'Name', cell: ({ name }) => name },
          { id: 'note', title: 'Note', cell: ({ name }) => <input aria-label={name} /> },
        ]}
      />
    </ChakraProvider>
  );
  const view = render(table(['a', 'b']));
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'b' });
  fireEvent.change(field, { target: { value: 'half a thought' } });
  view.rerender(table(['c', 'a', 'b']));
  expect(screen.getByRole('textbox', { name: 'b' })).toBe(field);
  expect(field.value).toBe('half a thought');
});
