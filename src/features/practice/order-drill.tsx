'use client';

import { useState } from 'react';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { drillsScreenWords } from '@/words/screens/drills';
import { AnswerButton } from './answer-button';
import type { Answering } from './use-drill';
import type { ShownStep, Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.order;

interface OrderDrillProps {
  shown: Situations['order'];
  answering: Answering;
  isMarked: boolean;
}

/** Shuffled steps of a job, to be put in order by dragging, by buttons or by keys. */
export function OrderDrill({ shown, answering, isMarked }: OrderDrillProps) {
  const [steps, setSteps] = useState(shown.steps);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (isMarked || to < 0 || to >= steps.length) return;
    setSteps(arrayMove(steps, from, to));
  };
  const placeOf = (key: unknown) => steps.findIndex((one) => one.key === key);
  const titleOf = (key: unknown) => steps[placeOf(key)]?.title ?? '';
  const announcements: Announcements = {
    onDragStart: ({ active }) => WORDS.picked(titleOf(active.id)),
    onDragOver: ({ active, over }) =>
      over ? WORDS.over(titleOf(active.id), placeOf(over.id) + 1) : undefined,
    onDragEnd: ({ active, over }) =>
      WORDS.dropped(titleOf(active.id), placeOf((over ?? active).id) + 1),
    onDragCancel: ({ active }) => WORDS.left(titleOf(active.id)),
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) move(placeOf(active.id), placeOf(over.id));
  };
  return (
    <Box maxW="640px">
      <Text textStyle="body" mb="3">
        {WORDS.how}
      </Text>
      <DndContext
        id="order"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{
          announcements,
          screenReaderInstructions: { draggable: WORDS.instructions },
        }}
      >
        <SortableContext items={steps.map(({ key }) => key)} strategy={verticalListSortingStrategy}>
          <Box as="ol" aria-label={WORDS.list} listStyleType="none" p="0" m="0">
            {steps.map((step, at) => (
              <StepRow key={step.key} step={step} at={at} count={steps.length} onMove={move} />
            ))}
          </Box>
        </SortableContext>
      </DndContext>
      {!isMarked && (
        <AnswerButton
          answering={answering}
          onAnswer={() => answering.answer({ keys: steps.map(({ key }) => key) })}
        />
      )}
    </Box>
  );
}

interface StepRowProps {
  step: ShownStep;
  at: number;
  count: number;
  onMove: (from: number, to: number) => void;
}

function StepRow({ step, at, count, onMove }: StepRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: step.key,
    attributes: { roleDescription: WORDS.role },
  });
  const arrow = { variant: 'ghost', minW: 'target', minH: 'target', color: 'ink' } as const;
  return (
    <Flex
      as="li"
      ref={setNodeRef}
      align="center"
      gap="2"
      borderTopWidth="1px"
      borderColor="rule"
      bg={isDragging ? 'sunk' : 'transparent'}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-step={step.key}
    >
      <IconButton
        {...arrow}
        cursor="grab"
        touchAction="none"
        {...attributes}
        {...listeners}
        aria-label={WORDS.grab(step.title)}
      >
        <GripVertical size={20} aria-hidden />
      </IconButton>
      <Text textStyle="body" flex="1" minW="0">
        {at + 1}. {step.title}
      </Text>
      <IconButton
        {...arrow}
        aria-label={WORDS.up(step.title)}
        disabled={at === 0}
        onClick={() => onMove(at, at - 1)}
      >
        <ArrowUp size={20} aria-hidden />
      </IconButton>
      <IconButton
        {...arrow}
        aria-label={WORDS.down(step.title)}
        disabled={at === count - 1}
        onClick={() => onMove(at, at + 1)}
      >
        <ArrowDown size={20} aria-hidden />
      </IconButton>
    </Flex>
  );
}
