'use client';

import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { labelHardness } from '@/core/wax';
import type { ShelfProduct } from '@/data/products';
import { ActionButton } from '@/ui/fields/action-button';
import { temperatureRange } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { ADDITIVE_WORDS, FORM_WORDS } from '@/ui/format/words';
import { DataTable } from '@/ui/frame/data-table';
import { Part, Sheet } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Swatch } from '@/ui/marks/swatch';
import { AddProduct } from './add-product';
import { addProductAction, removeProductAction } from './actions';

const COLUMNS = [
  { title: 'Wax' },
  { title: 'Label', isNumber: true },
  { title: 'Hardness' },
  { title: 'Form' },
  { title: 'Additives' },
  { title: 'Change' },
];

/** The Shelf: what there is to choose from. */
export function ShelfScreen({ products }: { products: readonly ShelfProduct[] }) {
  const units = useUnits();
  const [notice, setNotice] = useState<{ message: string; removed?: ShelfProduct }>();
  const remove = async (id: string) => {
    const done = await removeProductAction(id);
    setNotice(
      done.ok
        ? { message: `${done.value.name} is off the shelf.`, removed: done.value }
        : { message: done.error.message },
    );
  };
  const undo = async (product: ShelfProduct) => {
    const done = await addProductAction(product);
    setNotice(done.ok ? undefined : { message: done.error.message });
  };
  const rows = products.map((product) => ({
    key: product.id,
    cells: [
      <Flex key="name" gap="2" align="center">
        <Swatch color={product.swatch} />
        <strong>{product.name}</strong>
      </Flex>,
      temperatureRange(product.labelLowC, product.labelHighC, units),
      <NotchGauge
        key="hardness"
        hardness={labelHardness(product.labelLowC, product.labelHighC)}
        size={16}
      />,
      FORM_WORDS[product.form],
      product.additives.map((one) => ADDITIVE_WORDS[one]).join(', ') || 'plain',
      <ActionButton
        key="remove"
        quiet
        px="3"
        aria-label={`Take ${product.name} off the shelf`}
        onClick={() => void remove(product.id)}
      >
        Take off
      </ActionButton>,
    ],
  }));
  const answer =
    products.length === 0
      ? 'The shelf is empty. Put the first wax on it below.'
      : `${products.length} glide wax${products.length === 1 ? '' : 'es'}`;
  return (
    <Sheet
      question="What is there to choose from?"
      answer={<Text textStyle="title">{answer}</Text>}
    >
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={notice.removed ? () => void undo(notice.removed!) : undefined}
          onClose={() => setNotice(undefined)}
        />
      )}
      {products.length > 0 && (
        <Part title="On the shelf">
          <DataTable caption="Glide waxes on the shelf" columns={COLUMNS} rows={rows} />
        </Part>
      )}
      <AddProduct />
    </Sheet>
  );
}
