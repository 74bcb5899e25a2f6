'use client';

import { useMemo, useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { costAPair, ironTemperature, shelfNotes } from '@/core/shelf';
import { PRODUCT_ROLES, type ProductRole } from '@/core/terms';
import { labelHardness } from '@/core/wax';
import type { Outing } from '@/data/outings';
import type { ShelfProduct } from '@/data/products';
import { UNLABELLED_ROLES } from '@/formats/schemas/shelf';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { useWrite } from '@/ui/fields/use-write';
import { temperature, temperatureRange } from '@/ui/format/quantities';
import type { Units } from '@/ui/format/units';
import { useUnits } from '@/ui/format/units-context';
import { ADDITIVE_WORDS, FORM_WORDS, ROLE_WORDS } from '@/ui/format/words';
import { CsvImport } from '@/ui/frame/csv-import';
import { DataTable } from '@/ui/frame/data-table';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Swatch } from '@/ui/marks/swatch';
import { removeProductAction, saveProductAction } from './actions';
import { CoveragePart, holesInWords } from './coverage-part';
import { ProductForm, type ProductDraft } from './product-form';
import { StockPart } from './stock-part';
import type { ShelfView } from './use-cases/load-shelf';

const COLUMNS = [
  { title: 'Product' },
  { title: 'Label', isNumber: true },
  { title: 'Hardness' },
  { title: 'Form' },
  { title: 'Additives' },
  { title: 'Iron', isNumber: true },
  { title: 'Left', isNumber: true },
  { title: 'A pair costs', isNumber: true },
  { title: 'Change' },
];
const ALL = 'all';

const asDraft = ({ version: _version, ...product }: ShelfProduct): ProductDraft => ({
  ...product,
  swatch: product.swatch ?? '#9a9a9a',
});

/** The Shelf: what there is to choose from, what it serves, and what will run out. */
export function ShelfScreen({ outing, view }: { outing: Outing; view: ShelfView }) {
  const units = useUnits();
  const { products } = view;
  const [role, setRole] = useState<ProductRole | typeof ALL>('glide');
  const { send } = useWrite();
  const [edited, setEdited] = useState<ShelfProduct>();
  const [notice, setNotice] = useState<{ message: string; removed?: ShelfProduct }>();
  const remove = async (id: string) => {
    const done = await send(`remove:${id}`, (key) => removeProductAction(key, id));
    if (!done) return;
    setNotice(
      done.ok
        ? { message: `${done.value.name} is off the shelf.`, removed: done.value }
        : { message: done.error.message },
    );
  };
  const undo = async (product: ShelfProduct) => {
    const { version: _version, ...fields } = product;
    const given = Object.fromEntries(
      Object.entries(fields).filter(([, value]) => value !== undefined),
    );
    const done = await send(`back:${product.id}`, (key) => saveProductAction(key, given));
    if (done) setNotice(done.ok ? undefined : { message: done.error.message });
  };
  const notes = useMemo(
    () =>
      shelfNotes(
        products.filter((one) => one.role === 'glide'),
        units.temperature,
      ),
    [products, units.temperature],
  );
  const roles = PRODUCT_ROLES.filter((one) => products.some((product) => product.role === one));
  const shown = useMemo(
    () => products.filter((one) => role === ALL || one.role === role),
    [products, role],
  );
  return (
    <Sheet question="What is there to choose from?" answer={<Answer view={view} units={units} />}>
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={notice.removed ? () => void undo(notice.removed!) : undefined}
          onClose={() => setNotice(undefined)}
        />
      )}
      {products.some((one) => one.role === 'glide') && (
        <CoveragePart view={view} venueName={outing.venue.name} />
      )}
      {products.length > 0 && (
        <Part
          title="On the shelf"
          aside={<FileLink href="/api/v1/products?format=csv">The shelf as CSV</FileLink>}
        >
          <Box mb="3">
            <ChoiceRow
              legend="Show"
              name="shown-role"
              optionWidth="96px"
              value={role}
              onChange={setRole}
              options={[
                ...roles.map((value) => ({ value, label: ROLE_WORDS[value] })),
                { value: ALL, label: 'All' },
              ]}
            />
          </Box>
          {notes.map((note) => (
            <Text key={note} textStyle="body" mb="2" role="note">
              {note}
            </Text>
          ))}
          <DataTable
            caption="Products on the shelf"
            columns={COLUMNS}
            rows={shown.map((product) => ({
              key: product.id,
              cells: cellsOf(product, view, units, outing, {
                edit: () => {
                  setEdited(product);
                  document.getElementById('product-form')?.scrollIntoView();
                },
                remove: () => void remove(product.id),
              }),
            }))}
          />
        </Part>
      )}
      {products.length > 0 && <StockPart view={view} timeZone={outing.venue.timeZone} />}
      <ProductForm
        key={edited ? `${edited.id} ${edited.version}` : 'new'}
        start={edited && asDraft(edited)}
        onDone={(isSaved) => {
          if (isSaved && edited) setNotice({ message: `${edited.name} is changed.` });
          setEdited(undefined);
        }}
        isEdit={edited !== undefined}
      />
      <CsvImport
        title="Take products in from a file"
        hint="CSV with units in the header, such as name; label cold end [C]; label warm end [C]; role; form; additives. Several additives are parted by +. Up to 1000 rows and 1 MB."
        label="CSV file of products"
        id="products-file"
        url="/api/v1/products"
        noun="product"
      />
    </Sheet>
  );
}

function Answer({ view, units }: { view: ShelfView; units: Units }) {
  const glides = view.products.filter((one) => one.role === 'glide').length;
  if (view.products.length === 0) {
    return <Text textStyle="title">The shelf is empty. Put the first wax on it below.</Text>;
  }
  const worst = holesInWords(view.coverage.holes, (low, high) =>
    temperatureRange(low, high, units),
  )[0];
  const runningOut = view.low.map((one) => one.name);
  return (
    <Text textStyle="title">
      {glides} glide wax{glides === 1 ? '' : 'es'} among {view.products.length} products.{' '}
      {glides > 0 && (worst ? `Largest hole: ${worst.toLowerCase()}.` : 'No holes.')}
      {runningOut.length > 0 && ` Runs out: ${runningOut.join(', ')}.`}
    </Text>
  );
}

function cellsOf(
  product: ShelfProduct,
  view: ShelfView,
  units: Units,
  outing: Outing,
  act: { edit: () => void; remove: () => void },
) {
  const isLabelled = !UNLABELLED_ROLES.includes(product.role);
  const left = view.remaining[product.id];
  const cost = costAPair(product, outing.discipline);
  const iron = ironTemperature(product);
  return [
    <Flex key="name" gap="2" align="center">
      <Swatch color={product.swatch} />
      <strong>{product.name}</strong>
    </Flex>,
    isLabelled ? temperatureRange(product.labelLowC, product.labelHighC, units) : '–',
    isLabelled ? (
      <NotchGauge
        key="hardness"
        hardness={labelHardness(product.labelLowC, product.labelHighC)}
        size={16}
      />
    ) : (
      '–'
    ),
    FORM_WORDS[product.form],
    product.additives.map((one) => ADDITIVE_WORDS[one]).join(', ') || 'plain',
    product.applications.includes('iron')
      ? `${iron.isEstimate ? 'about ' : ''}${temperature(iron.value, units, 0)}`
      : '–',
    left === undefined ? 'not weighed' : `${Math.round(left)} g`,
    cost === undefined ? '–' : cost.toFixed(2),
    <Flex key="change" gap="2">
      <ActionButton quiet px="3" aria-label={`Change ${product.name}`} onClick={act.edit}>
        Change
      </ActionButton>
      <ActionButton quiet px="3" aria-label={`Take off ${product.name}`} onClick={act.remove}>
        Take off
      </ActionButton>
    </Flex>,
  ];
}
