// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import '../../../tests/unit/demo-app';
import { fileInput, show } from '../../../tests/unit/render';
import { migrated, temporaryFolder, writingTo } from '../../../tests/unit/temporary-database';
import { seedDemo } from '@/data/demo/seed';
import { bytesOf } from '@/formats/out-file';
import { toResponse } from '@/formats/wire';
import { BOOK_NAMES, bookKind, columnsOf } from '@/core/book';
import { columnName } from './difference-lines';
import { ExchangePart } from './exchange-part';
import { exportBook } from './use-cases/export-book';
import { importBook, previewBook } from './use-cases/import-book';

const NOW = new Date('2027-01-13T12:00:00Z');

async function cabin() {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  await seedDemo(db, NOW);
  return { folder, db };
}
type Cabin = Awaited<ReturnType<typeof cabin>>;

/** Requests of the page go to a cabin, as the route would hand them on; gives what was asked. */
function servedBy({ db }: Cabin): string[] {
  const asked: string[] = [];
  vi.stubGlobal('fetch', async (address: string, { body }: { body: File }) => {
    asked.push(address);
    const query = new URL(address, 'http://localhost').searchParams;
    const bytes = new Uint8Array(await body.arrayBuffer());
    const theirs = new Set(query.getAll('theirs'));
    return toResponse(
      query.get('do') === 'preview'
        ? await previewBook(db, bytes)
        : await importBook(bytes, { theirs, write: writingTo(db) }),
    );
  });
  return asked;
}

async function bookOf({ folder }: Cabin): Promise<File> {
  const file = exportBook('json', folder);
  if (!file.ok) throw new Error(file.error.message);
  return new File([Buffer.from(await bytesOf(file.value))], 'frost-pick.json');
}

afterEach(() => vi.unstubAllGlobals());

describe('the book of another cabin', () => {
  it('is shown with what it changes, and taken in as a person decides', async () => {
    const [here, there] = [await cabin(), await cabin()];
    const [pair] = await here.db.selectFrom('ski').select('id').limit(1).execute();
    const note = (where: Cabin, text: string) =>
      where.db
        .updateTable('ski')
        .set({ note: text, version: 2 })
        .where('id', '=', pair!.id)
        .execute();
    await note(here, 'Ours');
    await note(there, 'Theirs');
    await there.db
      .updateTable('outing')
      .set({ name: 'Later', version: 2 })
      .where('id', '=', 'demo-tour')
      .execute();
    const asked = servedBy(here);
    const { user, text } = show(<ExchangePart />);
    await user.upload(await fileInput('book'), await bookOf(there));
    await screen.findByTestId('book-preview');
    expect(text()).toMatch(/Name: Lantern tour over the pass → Later/);
    expect(text()).toMatch(/Note: Ours → Theirs/);
    expect(text()).toMatch(/\d+ records are the same in both/);
    await user.click(screen.getByRole('radio', { name: 'Use the other cabin’s' }));
    await user.click(screen.getByRole('button', { name: 'Import' }));
    await waitFor(() => expect(text()).toContain('Imported: 0 new, 1 changed.'));
    expect(asked.at(-1)).toContain(encodeURIComponent(`ski/${pair!.id}`));
    const kept = await here.db
      .selectFrom('ski')
      .select('note')
      .where('id', '=', pair!.id)
      .execute();
    expect(kept).toEqual([{ note: 'Theirs' }]);
  });

  it('says that it holds nothing new', async () => {
    const here = await cabin();
    servedBy(here);
    const { user, text } = show(<ExchangePart />);
    await user.upload(await fileInput('book'), await bookOf(here));
    await waitFor(() => expect(text()).toContain('nothing that is not here already'));
    expect(screen.queryByRole('button', { name: 'Import' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(screen.queryByTestId('book-preview')).toBeNull();
  });

  it('that is damaged, or a server that is silent, changes nothing and says what to do', async () => {
    servedBy(await cabin());
    const { user, text } = show(<ExchangePart />);
    await user.upload(await fileInput('book'), new File(['{"format":'], 'frost-pick.json'));
    await waitFor(() => expect(text()).toContain('The file is damaged'));
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    await user.upload(await fileInput('book'), new File(['{}'], 'frost-pick.json'));
    await waitFor(() => expect(text()).toContain('The server did not answer.'));
  });
});

it('names every column of every kind in words', () => {
  for (const name of BOOK_NAMES) {
    const { keys } = bookKind(name);
    const shown = Object.keys(columnsOf(name)).filter(
      (column) => !keys.includes(column) && !column.endsWith('version'),
    );
    for (const column of shown) expect(columnName(name, column)).toMatch(/^[A-Z][^_]*$/);
  }
});
