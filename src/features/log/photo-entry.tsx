'use client';

import { Image } from '@chakra-ui/react';
import { EntryFrame } from './entry-frame';

/** A photo, small; it opens in full at its own address. */
export function PhotoEntry(props: { url: string; title: string; where: string }) {
  const { url, title, where } = props;
  return (
    <EntryFrame title={title} where={where}>
      <a href={url} target="_blank" rel="noreferrer">
        <Image src={url} alt={title} loading="lazy" h="120px" w="160px" objectFit="cover" mt="2" />
      </a>
    </EntryFrame>
  );
}
