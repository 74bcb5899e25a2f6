'use client';

import type { Outing, ShelfProduct } from '@/core/model';
import { useMemo, useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { costAPair, ironTemperature, shelfNotes } from '@/core/shelf';
import { PRODUCT_ROLES, UNLABELLED_ROLES, type ProductRole } from '@/core/terms';
import { labelHardness } from '@/core/wax';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { fixed, temperature, temperatureRange } from '@/words/quantities';
import type { Units } from '@/words/units';
import { shelfWords } from '@/words/areas/shelf';
import { termsWords } from '@/words/areas/terms';
import { shelfScreenWords } from '@/words/screens/shelf';
import { useUnits } from '@/ui/format/units-context';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { RowMenu } from '@/ui/frame/row-menu';
import { RowTable, type RowColumn } from '@/ui/frame/data-table';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Swatch } from '@/ui/marks/swatch';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { CoveragePart, holesInWords } from './coverage-part';
import type { ProductDraft } from './product-form';
import type { ShelfView } from './use-cases/load-shelf';

/** What is for an empty shelf, and what stands at the end of a full one, comes after the page, into its place. */
const Starter = afterPage(
  () => import('./starter').then((module) => module.Starter),
  room({ minH: '900px' }),
);
const StockPart = afterPage(
  () => import('./stock-part').then((module) => module.StockPart),
  room({ minH: '360px' }),
);
const ProductForm = afterPage(
  () => import('./product-form').then((module) => module.ProductForm),
  room({ minH: '760px', id: 'product-form' }),
);
const CsvImport = afterPage(
  () => import('@/ui/frame/csv-import').then((module) => module.CsvImport),
  room({ minH: '160px' }),
);

const WORDS = shelfScreenWords.shelfScreen;

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
  const [edited, setEdited] = useState<ShelfProduct>();
  const acts = useAct();
  const remove = (id: string) =>
    acts.write(
      'product.remove',
      { id },
      {
        said: ({ name }) => WORDS.isOffTheShelf(name),
        undo: ({ version: _version, ...fields }) => {
          const given = Object.entries(fields).filter(([, value]) => value !== undefined);
          return ['product.save', { input: Object.fromEntries(given) }];
        },
      },
    );
  const { say } = useWords();
  const notes = useMemo(
    () => shelfNotes(products.filter((one) => one.role === 'glide')),
    [products],
  );
  const roles = PRODUCT_ROLES.filter((one) => products.some((product) => product.role === one));
  const shown = useMemo(
    () => products.filter((one) => role === ALL || one.role === role),
    [products, role],
  );
  return (
    <Sheet question={WORDS.question} answer={<Answer view={view} units={units} />}>
      <ActNotice acts={acts} />
      {products.length === 0 && <Starter hasGrip={outing.discipline === 'classic'} />}
      {products.some((one) => one.role === 'glide') && (
        <CoveragePart view={view} venueName={outing.venue.name} />
      )}
      {products.length > 0 && (
        <Part
          title={WORDS.onTheShelf}
          aside={<FileLink href="/api/v1/products?format=csv">{WORDS.theShelfAsCsv}</FileLink>}
        >
          <Box mb="3">
            <ChoiceRow
              legend={WORDS.show}
              name="shown-role"
              optionWidth="96px"
              value={role}
              onChange={setRole}
              options={[
                ...optionsOf(roles, termsWords.ROLE_WORDS),
                { value: ALL, label: WORDS.all },
              ]}
            />
          </Box>
          {notes.map((note) => (
            <Text key={JSON.stringify(note)} textStyle="body" mb="2" role="note">
              {say(shelfWords.SHELF_NOTE, note)}
            </Text>
          ))}
          <RowTable
            caption={WORDS.productsOnTheShelf}
            columns={columnsOf(
              { view, units, outing },
              {
                edit: (product) => {
                  setEdited(product);
                  document.getElementById('product-form')?.scrollIntoView();
                },
                remove: ({ id }) => void remove(id),
              },
            )}
            rows={shown}
            keyOf={({ id }) => id}
          />
        </Part>
      )}
      {products.length > 0 && <StockPart view={view} timeZone={outing.venue.timeZone} />}
      <ProductForm
        key={edited ? `${edited.id} ${edited.version}` : 'new'}
        start={edited && asDraft(edited)}
        onDone={(isSaved) => {
          if (isSaved && edited) acts.setNotice({ message: WORDS.isChanged(edited.name) });
          setEdited(undefined);
        }}
        isEdit={edited !== undefined}
      />
      <CsvImport
        title={WORDS.takeProductsInFromA}
        hint={WORDS.csvHint}
        label={WORDS.csvFileOfProducts}
        id="products-file"
        url="/api/v1/products"
        what="product"
      />
    </Sheet>
  );
}

function Answer({ view, units }: { view: ShelfView; units: Units }) {
  const glides = view.products.filter((one) => one.role === 'glide').length;
  if (view.products.length === 0) {
    return <Text textStyle="title">{WORDS.emptyShelf}</Text>;
  }
  const worst = holesInWords(view.coverage.holes, (low, high) =>
    temperatureRange(low, high, units),
  )[0];
  const runningOut = view.low.map((one) => one.name);
  return (
    <Text textStyle="title">
      {WORDS.glideWaxAmongProducts(glides, view.products.length)}
      {glides > 0 && (worst ? WORDS.largestHole(worst) : WORDS.noHoles)}
      {runningOut.length > 0 && WORDS.runsOut(runningOut.join(', '))}
    </Text>
  );
}

interface RowActs {
  edit: (product: ShelfProduct) => void;
  remove: (product: ShelfProduct) => void;
}

const isLabelled = ({ role }: ShelfProduct) => !UNLABELLED_ROLES.includes(role);

interface ShelfGround {
  view: ShelfView;
  units: Units;
  outing: Outing;
}

function columnsOf(
  { view: { remaining }, units, outing: { discipline } }: ShelfGround,
  act: RowActs,
): RowColumn<ShelfProduct>[] {
  return [
    {
      id: 'product',
      title: WORDS.product,
      cell: ({ swatch, name }) => (
        <Flex gap="2" align="center">
          <Swatch color={swatch} />
          <strong>{name}</strong>
        </Flex>
      ),
    },
    {
      id: 'label',
      title: WORDS.label,
      isNumber: true,
      cell: (product) =>
        isLabelled(product) ? temperatureRange(product.labelLowC, product.labelHighC, units) : '–',
    },
    {
      id: 'hardness',
      title: WORDS.hardness,
      cell: (product) =>
        isLabelled(product) ? (
          <NotchGauge hardness={labelHardness(product.labelLowC, product.labelHighC)} size={16} />
        ) : (
          '–'
        ),
    },
    { id: 'form', title: WORDS.form, cell: ({ form }) => termsWords.FORM_WORDS[form] },
    {
      id: 'additives',
      title: WORDS.additives,
      cell: ({ additives }) =>
        additives.map((additive) => termsWords.ADDITIVE_WORDS[additive]).join(', ') || WORDS.plain,
    },
    {
      id: 'iron',
      title: WORDS.iron,
      isNumber: true,
      cell: (product) => {
        if (!product.applications.includes('iron')) return '–';
        const iron = ironTemperature(product);
        const shown = temperature(iron.value, units, 0);
        return iron.isEstimate ? WORDS.about(shown) : shown;
      },
    },
    {
      id: 'left',
      title: WORDS.left,
      isNumber: true,
      cell: ({ id }) =>
        remaining[id] === undefined ? WORDS.notWeighed : WORDS.grams(Math.round(remaining[id])),
    },
    {
      id: 'cost',
      title: WORDS.aPairCosts,
      isNumber: true,
      cell: (product) => {
        const cost = costAPair(product, discipline);
        return cost === undefined ? '–' : fixed(cost, 2);
      },
    },
    {
      id: 'change',
      title: WORDS.change,
      cell: (product) => (
        <RowMenu
          label={WORDS.whatToDoWith(product.name)}
          actions={[
            {
              key: 'change',
              title: WORDS.change,
              label: WORDS.changeProduct(product.name),
              onSelect: () => act.edit(product),
            },
            {
              key: 'takeOff',
              title: WORDS.deleteProduct,
              label: WORDS.takeOff(product.name),
              onSelect: () => act.remove(product),
            },
          ]}
        />
      ),
    },
  ];
}
