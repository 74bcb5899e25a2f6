import type { ReactNode } from 'react';
import { Box, Flex, Heading, Text } from '@chakra-ui/react';

/** One question a screen: the question small, its answer large, under it the rest. */
export function Sheet(props: { question: string; answer: ReactNode; children: ReactNode }) {
  return (
    <Box as="article" px={{ base: '4', md: '8' }} py={{ base: '4', md: '6' }} maxW="1320px">
      <Heading as="h1" textStyle="small" color="faint" fontWeight="430" mb="1">
        {props.question}
      </Heading>
      <Box mb="6">{props.answer}</Box>
      {props.children}
    </Box>
  );
}

/** A part of a sheet under a rule, with what can be done to it at the right. */
export function Part(props: {
  title: string;
  aside?: ReactNode;
  children: ReactNode;
  id?: string;
}) {
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderColor="ink"
      pt="2"
      mb="8"
      aria-label={props.title}
      id={props.id}
    >
      <Flex justify="space-between" align="baseline" gap="4" mb="3" wrap="wrap">
        <Heading as="h2" textStyle="strong">
          {props.title}
        </Heading>
        {props.aside}
      </Flex>
      {props.children}
    </Box>
  );
}

/** What to know or mind, one line at its place. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Text
      borderLeftWidth="4px"
      borderColor="danger"
      pl="3"
      py="1"
      mb="2"
      textStyle="body"
      role="note"
    >
      {children}
    </Text>
  );
}
