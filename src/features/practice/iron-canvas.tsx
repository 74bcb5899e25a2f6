'use client';

import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { Box } from '@chakra-ui/react';
import type { IronBench } from '@/core/iron';
import { useChartInks, type ChartInks } from '@/ui/charts/chart';
import { drillsScreenWords } from '@/words/screens/drills';
import type { IronHand } from './iron-hand';

const WORDS = drillsScreenWords.iron;
const HEIGHT = 150;
/** The ski within the canvas: from the top and as high, px. */
const [TOP, SKI] = [58, 56];

/** How the ski lies in the canvas so that the iron fits at both ends: from the left and as long, px. */
function spanOf(width: number, { iron, ski }: IronBench) {
  const span = (width * ski.lengthM) / (ski.lengthM + iron.plateLengthM) - 4;
  return { side: (width - span) / 2, span };
}

const GLOSS = 0.3;
const WAYS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 };
/** Quicker and slower, s a pass. */
const PACES: Readonly<Record<string, number>> = { ArrowUp: -1, ArrowDown: 1 };

interface IronCanvasProps {
  hand: IronHand;
  bench: IronBench;
  isStill: boolean;
}

/** Draws the ski as it is seen: matt film, the shine of what is liquid, what got too hot; and the iron over it. */
function draw(canvas: HTMLCanvasElement, { hand, bench }: IronCanvasProps, inks: ChartInks) {
  const context = canvas.getContext('2d');
  if (!context) return;
  const ratio = window.devicePixelRatio || 1;
  const width = canvas.clientWidth;
  if (canvas.width !== width * ratio) {
    canvas.width = width * ratio;
    canvas.height = HEIGHT * ratio;
  }
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  context.clearRect(0, 0, width, HEIGHT);
  const seen = hand.frame;
  const cells = seen?.shine.length ?? 1;
  const { side, span } = spanOf(width, bench);
  const cell = span / cells;
  context.save();
  context.beginPath();
  context.roundRect(side, TOP, span, SKI, [SKI / 2, 8, 8, SKI / 2]);
  context.clip();
  context.fillStyle = inks.rule;
  context.fillRect(side, TOP, span, SKI);
  for (let i = 0; seen && i < cells; i += 1) {
    const x = Math.floor(side + i * cell);
    const wide = Math.ceil(cell) + 1;
    if (seen.touched[i]) {
      context.fillStyle = inks.faint;
      context.fillRect(x, TOP, wide, SKI);
    }
    if (seen.shine[i]) {
      context.fillStyle = inks.ink;
      context.fillRect(x, TOP, wide, SKI);
      context.fillStyle = inks.sheet;
      context.fillRect(x, TOP + SKI * GLOSS, wide, 7);
      context.fillRect(x, TOP + SKI * GLOSS + 14, wide, 3);
    }
    if (seen.hurt[i]) {
      context.fillStyle = inks.danger;
      context.fillRect(x, TOP + SKI - 10, wide, 10);
    }
  }
  context.restore();
  context.lineWidth = 2;
  context.strokeStyle = inks.ink;
  context.beginPath();
  context.roundRect(side, TOP, span, SKI, [SKI / 2, 8, 8, SKI / 2]);
  context.stroke();
  const { placeM, isDown } = hand;
  const plate = (bench.iron.plateLengthM / bench.ski.lengthM) * span;
  const x = side + (placeM / bench.ski.lengthM) * span - plate / 2;
  const lift = isDown ? 0 : 22;
  context.fillStyle = inks.action;
  context.beginPath();
  context.roundRect(x, TOP - 6 - lift, plate, SKI + 12, 6);
  context.globalAlpha = isDown ? 1 : 0.75;
  context.fill();
  context.globalAlpha = 1;
  context.fillStyle = inks.ink;
  context.beginPath();
  context.roundRect(x + plate * 0.2, TOP - 34 - lift, plate * 0.6, 16, 8);
  context.fill();
}

/** The ski and the iron on a canvas: dragged by finger or mouse, or moved by keys. */
export function IronCanvas(props: IronCanvasProps) {
  const { hand, bench, isStill } = props;
  const inks = useChartInks();
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let handle = 0;
    const paint = () => {
      if (canvas.current) draw(canvas.current, props, inks);
      handle = requestAnimationFrame(paint);
    };
    paint();
    return () => cancelAnimationFrame(handle);
  });
  const place = (event: PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const { side, span } = spanOf(box.width, bench);
    hand.moveTo((event.clientX - box.left - side) / span);
  };
  const onKey = (event: KeyboardEvent, isPressed: boolean) => {
    const way = WAYS[event.key];
    const pace = PACES[event.key];
    if (way !== undefined) {
      if (isPressed) hand.press(way);
      else hand.release(way);
    } else if (event.key === ' ') {
      if (isPressed && !event.repeat) hand.toggle();
    } else if (pace !== undefined) {
      if (isPressed) hand.changePace(pace);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <Box
      role="application"
      aria-label={WORDS.ski}
      tabIndex={isStill ? -1 : 0}
      onKeyDown={(event) => onKey(event, true)}
      onKeyUp={(event) => onKey(event, false)}
      onBlur={() => hand.release()}
    >
      <canvas
        ref={canvas}
        data-testid="iron-ski"
        style={{ width: '100%', height: HEIGHT, touchAction: 'none', display: 'block' }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          place(event);
          hand.put(true);
        }}
        onPointerMove={(event) => {
          if (event.buttons > 0) place(event);
        }}
        onPointerUp={() => hand.put(false)}
        onPointerCancel={() => hand.put(false)}
      />
    </Box>
  );
}
