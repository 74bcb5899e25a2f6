'use client';

import type { GrainSizes } from '@/core/grain-card';
import { useEffect, useRef, useState } from 'react';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { greyOf } from '@/ui/camera/grey-of';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { FileField } from '@/ui/fields/file-field';
import { grainPool } from '@/workers/pools';
import { PHOTO_ACCEPT } from '@/ui/fields/send-photo';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.grainPhoto;
const RULINGS = ['1', '2', '3', '5'] as const;
const PREVIEW_PX = 700;
const Canvas = chakra('canvas');

type Measured = Extract<GrainSizes, { kind: 'measured' }>;
interface Looked {
  photo: File;
  /** As wide as the picture was that was measured, pixels. */
  widthPx: number;
  sizes: Measured;
}

const rounded = (mm: number) => (mm < 1 ? Math.round(mm * 20) / 20 : Math.round(mm * 10) / 10);

/** The photo with a ring about each grain that was found, so that a person sees what was measured. */
function Rings({ photo, widthPx, sizes }: Looked) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let isGone = false;
    void createImageBitmap(photo).then((picture) => {
      const board = canvas.current;
      const context = board?.getContext('2d');
      if (!board || !context || isGone) return;
      const scale = PREVIEW_PX / Math.max(picture.width, picture.height);
      board.width = picture.width * scale;
      board.height = picture.height * scale;
      context.drawImage(picture, 0, 0, board.width, board.height);
      context.strokeStyle = getComputedStyle(board).color;
      context.lineWidth = 2;
      const zoom = board.width / widthPx;
      for (const { x, y, sizeMm } of sizes.grains) {
        context.beginPath();
        const radius = (sizeMm * sizes.pxPerMm) / 2;
        context.arc(x * zoom, y * zoom, radius * zoom, 0, 2 * Math.PI);
        context.stroke();
      }
    });
    return () => {
      isGone = true;
    };
  }, [photo, widthPx, sizes]);
  return <Canvas ref={canvas} role="img" aria-label={WORDS.rings} color="danger" w="100%" />;
}

/** Measures grains on a photo of a ruled card; a person looks at the rings and takes the size, or not. */
export function GrainPhoto({ onTake }: { onTake: (grainMm: number) => void }) {
  const [ruling, setRuling] = useState<(typeof RULINGS)[number]>('2');
  const [isBusy, setIsBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [looked, setLooked] = useState<Looked>();
  const measure = async (photo: File) => {
    setIsBusy(true);
    setProblem(undefined);
    setLooked(undefined);
    const pool = grainPool();
    try {
      const picture = await greyOf(photo);
      if (!picture) {
        setProblem(WORDS.noPhoto);
        return;
      }
      const [sizes] = await pool.run([{ picture, rulingMm: Number(ruling) }]).result;
      if (sizes?.kind === 'measured') setLooked({ photo, widthPx: picture.width, sizes });
      else if (sizes) {
        setProblem(sizes.kind === 'too_few' ? WORDS.tooFew(sizes.count) : WORDS.WHY[sizes.kind]);
      }
    } catch {
      setProblem(WORDS.failed);
    } finally {
      pool.close();
      setIsBusy(false);
    }
  };
  return (
    <Box>
      <Text textStyle="body" mb="2">
        {WORDS.hint}
      </Text>
      <ChoiceRow
        legend={WORDS.ruling}
        name="ruling"
        value={ruling}
        onChange={setRuling}
        options={optionsOf(
          RULINGS,
          Object.fromEntries(RULINGS.map((mm) => [mm, WORDS.mm(Number(mm))])) as Record<
            (typeof RULINGS)[number],
            string
          >,
        )}
      />
      <FileField
        label={WORDS.photo}
        button={isBusy ? WORDS.measuring : WORDS.choose}
        accept={PHOTO_ACCEPT}
        disabled={isBusy}
        onFile={(file) => void measure(file)}
      />
      <FieldProblemText problem={problem} />
      {looked && (
        <Box mt="3" role="status" maxW="700px">
          <Text textStyle="strong" data-testid="grain-size">
            {WORDS.found(
              rounded(looked.sizes.medianMm),
              [looked.sizes.lowMm, looked.sizes.highMm].map(rounded) as [number, number],
              looked.sizes.grains.length,
            )}
          </Text>
          <Text textStyle="body" mb="2">
            {WORDS.look}
          </Text>
          <Rings {...looked} />
          <Flex gap="3" mt="2">
            <ActionButton onClick={() => onTake(rounded(looked.sizes.medianMm))}>
              {WORDS.take(rounded(looked.sizes.medianMm))}
            </ActionButton>
            <ActionButton quiet onClick={() => setLooked(undefined)}>
              {WORDS.leave}
            </ActionButton>
          </Flex>
        </Box>
      )}
    </Box>
  );
}
