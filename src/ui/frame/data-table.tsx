import type { ReactNode } from 'react';
import { Box, Table } from '@chakra-ui/react';

export interface DataColumn {
  /** Names it where its title does not. */
  id?: string;
  title: string;
  isNumber?: boolean;
}

export interface DataRow {
  key: string;
  cells: ReactNode[];
}

const idOf = ({ id, title }: DataColumn) => id ?? title;

/** A plain table: head, rules, no boxes. Scrolls sideways on its own where narrow. */
export function DataTable(props: {
  caption: string;
  columns: readonly DataColumn[];
  rows: readonly DataRow[];
}) {
  return (
    <Box position="relative" overflowX="auto" tabIndex={0} role="region" aria-label={props.caption}>
      <Table.Root size="sm" bg="transparent">
        <Table.Caption captionSide="top" srOnly>
          {props.caption}
        </Table.Caption>
        <Table.Header>
          <Table.Row bg="transparent">
            {props.columns.map((column) => (
              <Table.ColumnHeader
                key={idOf(column)}
                px="2"
                textStyle="small"
                color="faint"
                borderColor="edge"
                textAlign={column.isNumber ? 'right' : 'left'}
                whiteSpace="nowrap"
              >
                {column.title}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {props.rows.map((row) => (
            <Table.Row key={row.key} bg="transparent">
              {row.cells.map((cell, i) => (
                <Table.Cell
                  key={idOf(props.columns[i]!)}
                  px="2"
                  py="2"
                  borderColor="rule"
                  textStyle="small"
                  textAlign={props.columns[i]!.isNumber ? 'right' : 'left'}
                  whiteSpace={props.columns[i]!.isNumber ? 'nowrap' : undefined}
                >
                  {cell}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

/** A column of a table of things: its title, and the cell it makes of one of them. */
export interface RowColumn<T> extends DataColumn {
  cell: (row: T) => ReactNode;
}

interface RowTableProps<T> {
  caption: string;
  columns: readonly RowColumn<T>[];
  rows: readonly T[];
  keyOf: (row: T) => string;
}

/** A table of things, with a row for each. */
export const RowTable = <T,>({ caption, columns, rows, keyOf }: RowTableProps<T>) => (
  <DataTable
    caption={caption}
    columns={columns}
    rows={rows.map((row) => ({ key: keyOf(row), cells: columns.map(({ cell }) => cell(row)) }))}
  />
);
