import { Text } from '@chakra-ui/react';

/** What is wrong with a field and what to do, under that field. */
export function FieldProblemText({ id, problem }: { id?: string; problem: string | undefined }) {
  if (!problem) return null;
  return (
    <Text id={id} role="alert" textStyle="small" color="danger" fontWeight="650" mt="1">
      {problem}
    </Text>
  );
}
