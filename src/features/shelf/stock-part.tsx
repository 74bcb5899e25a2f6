'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { STOCK_MOVE_KINDS, type StockMoveKind } from '@/core/terms';
import { stockMoveSchema } from '@/formats/schemas/shelf';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { SelectField } from '@/ui/fields/select-field';
import { useScales } from '@/ui/fields/scales';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { dayAndTime } from '@/ui/format/times';
import { Caution, Part } from '@/ui/frame/sheet';
import { DataTable } from '@/ui/frame/data-table';
import { stockMoveAction } from './actions';
import type { ShelfView } from './use-cases/load-shelf';

const KIND_LABELS: Record<StockMoveKind, string> = {
  bought: 'Bought',
  used: 'Used',
  corrected: 'Weighed: this is left',
};

interface MoveDraft {
  productId: string;
  kind: StockMoveKind;
  grams: number | undefined;
}

const resolver = resolverFrom<MoveDraft>((draft) => validate(stockMoveSchema, draft));

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
  const { values, set, problem, submit, failure } = form;
  const nameOf = new Map(view.products.map((one) => [one.id, one.name]));
  const book = async () => {
    const done = await submit((move, { key }) => stockMoveAction(key, move));
    if (done !== undefined) setBooked(`${nameOf.get(values.productId) ?? 'Stock'} booked.`);
  };
  return (
    <Part title="Stock">
      {view.low.map((one) => (
        <Caution key={one.productId}>
          {one.name} runs out at {one.outingName}: about {Math.ceil(one.missingG)} g are missing.
        </Caution>
      ))}
      <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" alignItems="start" mb="2">
        <SelectField
          label="Product"
          id="stock-product"
          value={values.productId}
          onChange={(productId) => set({ productId })}
          options={view.products.map((one) => ({ value: one.id, label: one.name }))}
        />
        <ChoiceRow
          legend="What happened"
          name="stock-kind"
          optionWidth="90px"
          value={values.kind}
          onChange={(kind) => set({ kind })}
          options={STOCK_MOVE_KINDS.map((value) => ({ value, label: KIND_LABELS[value] }))}
        />
        <NumberField
          label="Grams"
          scale={scales.grams}
          step={5}
          decimals={0}
          value={values.grams}
          onChange={(grams) => set({ grams })}
          problem={problem('grams')}
        />
      </SimpleGrid>
      <Flex gap="4" align="center">
        <ActionButton loading={form.isSaving} onClick={() => void book()}>
          Book it
        </ActionButton>
        <Text textStyle="small" role="status">
          {booked}
        </Text>
      </Flex>
      <FieldProblemText problem={failure} />
      {view.moves.length > 0 && (
        <Box as="details" mt="2">
          <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
            The last {view.moves.length} moves
          </Box>
          <DataTable
            caption="Stock moves, latest first"
            columns={[
              { title: 'When' },
              { title: 'Product' },
              { title: 'What' },
              { title: 'Grams', isNumber: true },
            ]}
            rows={view.moves.map((move) => ({
              key: move.id,
              cells: [
                dayAndTime(move.at, timeZone),
                nameOf.get(move.productId) ?? 'off the shelf',
                { bought: 'Bought', used: 'Used', corrected: 'Corrected' }[move.kind],
                `${move.grams > 0 ? '+' : ''}${Math.round(move.grams * 10) / 10}`.replace('-', '−'),
              ],
            }))}
          />
        </Box>
      )}
    </Part>
  );
}
