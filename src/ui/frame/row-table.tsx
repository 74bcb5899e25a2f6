'use client';

import type { ReactNode } from 'react';
import { tableFeatures, useTable, type ColumnDef } from '@tanstack/react-table';
import { Box, Table } from '@chakra-ui/react';

const FEATURES = tableFeatures({});

/** A column of a table of things: its title, and the cell it makes of one of them. */
export interface RowColumn<T> {
  id: string;
  title: string;
  isNumber?: boolean;
  cell: (row: T) => ReactNode;
}

interface RowTableProps<T extends object> {
  caption: string;
  columns: readonly RowColumn<T>[];
  rows: readonly T[];
  keyOf: (row: T) => string;
}

/** A table of things: head, rules, no boxes. Scrolls sideways on its own where narrow. */
export function RowTable<T extends object>({ caption, columns, rows, keyOf }: RowTableProps<T>) {
  const definitions = columns.map(({ id, title, cell }): ColumnDef<typeof FEATURES, T> => ({
    id,
    header: title,
    cell: ({ row }) => cell(row.original),
  }));
  const table = useTable({
    features: FEATURES,
    columns: definitions,
    data: rows,
    getRowId: keyOf,
  });
  const alignOf = (id: string) =>
    columns.find((column) => column.id === id)?.isNumber ? ('right' as const) : ('left' as const);
  // Made in place: as a component of its own it would be another one at each render, and a menu that is open in it
  // would close when the page takes over a change.
  const contentOf = (id: string, row: T) => columns.find((column) => column.id === id)?.cell(row);
  return (
    <Box position="relative" overflowX="auto" tabIndex={0} role="region" aria-label={caption}>
      <Table.Root size="sm" bg="transparent">
        <Table.Caption captionSide="top" srOnly>
          {caption}
        </Table.Caption>
        <Table.Header>
          {table.getHeaderGroups().map((group) => (
            <Table.Row key={group.id} bg="transparent">
              {group.headers.map((header) => (
                <Table.ColumnHeader
                  key={header.id}
                  px="2"
                  textStyle="small"
                  color="faint"
                  borderColor="edge"
                  textAlign={alignOf(header.column.id)}
                  whiteSpace="nowrap"
                >
                  <table.FlexRender header={header} />
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          ))}
        </Table.Header>
        <Table.Body>
          {table.getRowModel().rows.map((row) => (
            <Table.Row key={row.id} bg="transparent">
              {row.getAllCells().map((cell) => (
                <Table.Cell
                  key={cell.id}
                  px="2"
                  py="2"
                  borderColor="rule"
                  textStyle="small"
                  textAlign={alignOf(cell.column.id)}
                  whiteSpace={alignOf(cell.column.id) === 'right' ? 'nowrap' : undefined}
                >
                  {contentOf(cell.column.id, row.original)}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}
