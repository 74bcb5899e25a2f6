'use client';

import { useState } from 'react';
import { Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { STOCK_MOVE_KINDS, type StockMoveKind } from '@/core/terms';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { SelectField } from '@/ui/fields/select-field';
import { useScales } from '@/ui/fields/scales';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { dayAndTime } from '@/words/times';
import { Caution, Part } from '@/ui/frame/sheet';
import { DataTable } from '@/ui/frame/data-table';
import { Disclosure } from '@/ui/frame/disclosure';
import type { ShelfView } from './use-cases/load-shelf';
import { shelfScreenWords } from '@/words/screens/shelf';
import { act } from '@/writes/act';

const WORDS = shelfScreenWords.stockPart;

const kindLabels = (): Record<StockMoveKind, string> => ({
  bought: WORDS.bought,
  used: WORDS.used,
  corrected: WORDS.weighedThisIsLeft,
});

interface MoveDraft {
  productId: string;
  kind: StockMoveKind;
  grams: number | undefined;
}

const resolver = lateForm<MoveDraft>(() =>
  import('@/formats/schemas/shelf').then(({ stockMoveSchema }) => stockMoveSchema),
);

/** What came, went and was weighed; and what will not last. */
export function StockPart({ view, timeZone }: { view: ShelfView; timeZone: string }) {
  const scales = useScales();
  const start: MoveDraft = {
    productId: view.products[0]?.id ?? '',
    kind: 'bought',
    grams: undefined,
  };
  const form = useDraftedForm('stock', start, resolver);
  const [booked, setBooked] = useState<string>();
  const { values, bind, submit, failure } = form;
  const nameOf = new Map(view.products.map((one) => [one.id, one.name]));
  const book = async () => {
    const done = await submit((move, { key }) => act('stock.move', key, move));
    if (done !== undefined) setBooked(WORDS.booked(nameOf.get(values.productId) ?? WORDS.stock));
  };
  return (
    <Part title={WORDS.stock}>
      {view.low.map((one) => (
        <Caution key={one.productId}>
          {WORDS.runsOut(one.name, one.outingName, Math.ceil(one.missingG))}
        </Caution>
      ))}
      <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" alignItems="start" mb="2">
        <SelectField
          label={WORDS.product}
          id="stock-product"
          {...bind('productId')}
          options={view.products.map((one) => ({ value: one.id, label: one.name }))}
        />
        <ChoiceRow
          legend={WORDS.whatHappened}
          name="stock-kind"
          optionWidth="90px"
          {...bind('kind')}
          options={optionsOf(STOCK_MOVE_KINDS, kindLabels())}
        />
        <NumberField
          label={WORDS.grams}
          scale={scales.grams}
          step={5}
          decimals={0}
          {...bind('grams')}
        />
      </SimpleGrid>
      <Flex gap="4" align="center">
        <ActionButton loading={form.isSaving} onClick={() => void book()}>
          {WORDS.bookIt}
        </ActionButton>
        <Text textStyle="small" role="status">
          {booked}
        </Text>
      </Flex>
      <FieldProblemText problem={failure} />
      {view.moves.length > 0 && (
        <Disclosure mt="2" title={WORDS.lastChanges(view.moves.length)}>
          <DataTable
            caption={WORDS.stockMovesLatestFirst}
            columns={[
              { title: WORDS.when },
              { title: WORDS.productTitle },
              { title: WORDS.what },
              { title: WORDS.gramsTitle, isNumber: true },
            ]}
            rows={view.moves.map((move) => ({
              key: move.id,
              cells: [
                dayAndTime(move.at, timeZone),
                nameOf.get(move.productId) ?? WORDS.offTheShelf,
                { bought: WORDS.bought, used: WORDS.used, corrected: WORDS.corrected }[move.kind],
                `${move.grams > 0 ? '+' : ''}${Math.round(move.grams * 10) / 10}`.replace('-', '−'),
              ],
            }))}
          />
        </Disclosure>
      )}
    </Part>
  );
}
