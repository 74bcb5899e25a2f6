import { Box, Text } from '@chakra-ui/react';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';

export default function NotFound() {
  return (
    <Box as="main">
      <Sheet question="Where is it?" answer={<Text textStyle="title">Not here.</Text>}>
        <Text textStyle="body">This outing or page does not exist in this database.</Text>
        <SheetLink href="/">To the next outing</SheetLink>
      </Sheet>
    </Box>
  );
}
