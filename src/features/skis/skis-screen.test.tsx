// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outing } from '@/core/model';
import { TYPES_FOR } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { listSkis } from '@/data/skis';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { fill, show } from '../../../tests/unit/render';
import { LabelsSheet } from './labels-sheet';
import { SkisScreen } from './skis-screen';
import type { RackRow } from './rack-row';
import { loadRack } from './use-cases/load-skis';

let db: FrostDatabase;
let outing: Outing;
let rack: RackRow[];
beforeEach(async () => {
  db = await demoDatabase();
  outing = await outingOf(db, 'demo-slalom');
  rack = await loadRack(db, DAY.getTime(), false);
});

const shown = (rows: readonly RackRow[] = rack) => show(<SkisScreen outing={outing} rack={rows} />);
const listed = () =>
  within(screen.getByRole('table', { name: 'Skis on the rack' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getAllByRole('cell')[0]!.textContent);
const order = (value: string) =>
  fireEvent.change(screen.getByRole('combobox', { name: 'Order' }), { target: { value } });
const kind = (value: string) =>
  fireEvent.change(screen.getByRole('combobox', { name: 'Type' }), { target: { value } });

describe('the rack', () => {
  it('says how many are due, and which ski first and why', () => {
    const due = rack.filter((one) => one.care.due.length > 0);
    const { text } = shown();
    expect(screen.getByTestId('skis-due').textContent).toBe(
      `${due.length} of ${rack.length} are due`,
    );
    expect(text()).toContain(`First ${listed()[0]}: `);
  });

  it('says that none is due where none is', () => {
    shown(rack.map((one) => ({ ...one, care: { ...one.care, due: [] } })));
    expect(screen.getByTestId('skis-due').textContent).toBe('None are due');
  });

  it('lists what is due first, then by least wax', () => {
    shown();
    const dueOf = new Map(rack.map(({ ski, care }) => [ski.name, care.due.length]));
    const due = listed().map((name) => dueOf.get(name)!);
    expect(due).toEqual([...due].sort((a, b) => b - a));
  });

  it('is ordered by name, owner, wax or length', () => {
    shown();
    const of = <T,>(read: (row: RackRow) => T) => {
      const byName = new Map(rack.map((row) => [row.ski.name, read(row)]));
      return listed().map((name) => byName.get(name)!);
    };
    order('name');
    expect(listed()).toEqual([...listed()].sort((a, b) => a.localeCompare(b, 'en')));
    order('reserve');
    const reserves = of((row) => row.care.reserve);
    expect(reserves).toEqual([...reserves].sort((a, b) => a - b));
    order('length');
    const lengths = of((row) => row.ski.lengthCm);
    expect(lengths).toEqual([...lengths].sort((a, b) => a - b));
    order('owner');
    const owners = of((row) => row.ski.owner);
    expect(owners).toEqual([...owners].sort((a, b) => a.localeCompare(b, 'en')));
  });

  it('is narrowed to a type, or to the skis of this outing', () => {
    shown();
    const typeOf = new Map(rack.map(({ ski }) => [ski.name, ski.type]));
    kind('outing');
    expect(listed().length).toBeGreaterThan(0);
    expect(listed().every((name) => TYPES_FOR[outing.discipline].includes(typeOf.get(name)!))).toBe(
      true,
    );
    const type = rack[0]!.ski.type;
    kind(type);
    expect(listed()).toHaveLength(rack.filter(({ ski }) => ski.type === type).length);
  });

  it('is searched by name, owner and note, whatever the case', () => {
    shown();
    const { ski } = rack[0]!;
    fill('Find by name, owner or note', `  ${ski.name.toUpperCase()} `);
    expect(listed()).toContain(ski.name);
    fill('Find by name, owner or note', 'no such ski');
    expect(screen.getByText('No ski on the rack matches.')).toBeTruthy();
    expect(screen.queryByRole('table', { name: 'Skis on the rack' })).toBeNull();
  });

  it('of hundreds shows some, and the rest when asked', () => {
    const many = Array.from({ length: 250 }, (_, i) => ({
      ...rack[0]!,
      ski: { ...rack[0]!.ski, id: `ski-${i}`, name: `Pair ${String(i).padStart(3, '0')}` },
    }));
    shown(many);
    const first = listed().length;
    expect(first).toBeLessThan(many.length);
    fireEvent.click(screen.getByRole('button', { name: /^Show \d+ more of 250$/ }));
    expect(listed().length).toBeGreaterThan(first);
  });

  it('counts marks on the base in words', () => {
    const at = (marks: number) => ({ ...rack[0]!, marks });
    const view = shown([at(1)]);
    expect(view.text()).toContain('One mark on the base.');
    view.unmount();
    expect(shown([at(3)]).text()).toContain('3 marks on the base.');
  });

  it('empty, says so and offers the form alone', async () => {
    const { text } = shown([]);
    expect(text()).toContain('The rack is empty.');
    expect(screen.queryByRole('link', { name: 'Labels to print' })).toBeNull();
    expect(await screen.findByRole('button', { name: 'Add to rack' })).toBeTruthy();
  });
});

describe('labels', () => {
  const labels = async (origin: string, next?: string) => {
    const skis = (await listSkis(db)).slice(0, 3);
    return show(
      <LabelsSheet
        labels={skis.map((ski) => ({ ski, qr: '<svg></svg>' }))}
        back="/outing/demo-slalom/skis"
        origin={origin}
        all={next ? 90 : 3}
        next={next}
      />,
    );
  };

  it('say where they lead, and that this machine’s own address opens nothing elsewhere', async () => {
    expect((await labels('http://127.0.0.1:3000')).text()).toContain(
      'This address works on this machine alone',
    );
  });

  it('say how many there are, and which come next', async () => {
    const { text } = await labels('https://cabin.local', '/outing/demo-slalom/labels?page=2');
    expect(text()).toContain('3 of 90 labels to print and stick on');
    expect(text()).toContain('Every device that reaches this address can open them.');
    expect(screen.getByRole('link', { name: 'Next labels' }).getAttribute('href')).toBe(
      '/outing/demo-slalom/labels?page=2',
    );
    expect(screen.getAllByRole('img', { name: /^QR label of / })).toHaveLength(3);
  });

  it('are printed by the browser', async () => {
    const print = vi.fn();
    vi.stubGlobal('print', print);
    window.print = print;
    await labels('https://cabin.local');
    fireEvent.click(screen.getByRole('button', { name: 'Print' }));
    await waitFor(() => expect(print).toHaveBeenCalledTimes(1));
    vi.unstubAllGlobals();
  });
});
