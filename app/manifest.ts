import type { MetadataRoute } from 'next';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.layout;
const PAPER = '#f5f1e7';
const SPRUCE = '#1f6650';

/** What a device shows of the installed app: its name, its mark and its first page. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: WORDS.frostPick,
    short_name: WORDS.frostPick,
    description: WORDS.description,
    id: '/',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: PAPER,
    theme_color: SPRUCE,
    icons: [
      { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
