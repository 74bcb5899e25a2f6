'use client';

import { Box, Text } from '@chakra-ui/react';
import { FileUp } from 'lucide-react';
import { ActionButton } from './action-button';
import { afterPage } from '../frame/after-page';
import type { FileFieldProps } from './open-file-field';

/** Kinds of files that tables come in. */
export const CSV_ACCEPT = '.csv,text/csv,.txt';

/** One file, chosen or dropped on the button. The kit's field comes after the page; until then its place is kept. */
export function FileField(props: FileFieldProps) {
  const { plain = false } = props;
  const Open = plain ? PlainField : Field;
  return <Open {...props} />;
}

const load = () => import('./open-file-field').then(({ OpenFileField }) => OpenFileField);

const Field = afterPage(load, () => (
  <Box aria-hidden>
    <Text textStyle="small" fontWeight="650" mb="1">
      {'\u00a0'}
    </Text>
    <ActionButton quiet disabled>
      <FileUp size={20} aria-hidden />
    </ActionButton>
  </Box>
));
const PlainField = afterPage(load, () => <ActionButton plain disabled aria-hidden />);
