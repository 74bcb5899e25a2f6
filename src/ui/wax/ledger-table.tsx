'use client';

import { Table, Text } from '@chakra-ui/react';
import type { RenderedLine } from '../../core/choice';
import {
  differenceValue,
  fixed,
  signed,
  temperature,
  temperatureUnit,
  temperatureValue,
} from '../../words/quantities';
import { useUnits } from '../format/units-context';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.ledgerTable;

interface LedgerTableProps {
  lines: readonly RenderedLine[];
  equivalentTemperatureC: number;
}

/** The equivalent temperature as a sum, line by line, each with its reason. */
export function LedgerTable({ lines, equivalentTemperatureC }: LedgerTableProps) {
  const units = useUnits();
  const amount = (line: RenderedLine, isFirst: boolean) =>
    isFirst
      ? fixed(temperatureValue(line.valueC, units))
      : signed(differenceValue(line.valueC, units));
  return (
    <Table.Root size="sm" bg="transparent">
      <Table.Caption captionSide="top" srOnly>
        {WORDS.ledgerTitle}
      </Table.Caption>
      <Table.Body>
        {lines.map((line, i) => {
          const isQuiet = i > 0 && line.valueC === 0;
          return (
            <Table.Row key={line.key} bg="transparent" data-ledger={line.key}>
              <Table.Cell px="0" py="1.5" borderColor="rule" verticalAlign="top">
                <Text textStyle="small" fontWeight={isQuiet ? '430' : '650'}>
                  {line.label}
                </Text>
                <Text textStyle="small" color="faint">
                  {line.reason}
                </Text>
              </Table.Cell>
              <Table.Cell
                px="0"
                pl="3"
                py="1.5"
                borderColor="rule"
                textAlign="right"
                verticalAlign="top"
                whiteSpace="nowrap"
                textStyle="body"
                fontWeight={isQuiet ? '430' : '650'}
                color={isQuiet ? 'faint' : 'ink'}
              >
                {amount(line, i === 0)}
              </Table.Cell>
            </Table.Row>
          );
        })}
      </Table.Body>
      <Table.Footer>
        <Table.Row bg="transparent">
          <Table.Cell px="0" borderTopWidth="2px" borderColor="ink" textStyle="strong">
            {WORDS.equivalentTemperature}
          </Table.Cell>
          <Table.Cell
            px="0"
            borderTopWidth="2px"
            borderColor="ink"
            textAlign="right"
            textStyle="strong"
            whiteSpace="nowrap"
            aria-label={`${temperature(equivalentTemperatureC, units)}`}
          >
            {fixed(temperatureValue(equivalentTemperatureC, units))} {temperatureUnit(units)}
          </Table.Cell>
        </Table.Row>
      </Table.Footer>
    </Table.Root>
  );
}
