import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer from 'puppeteer-core';
import QRCode from 'qrcode';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { CHROMIUM, CHROMIUM_FLAGS } from '../../scripts/lib/browser.mjs';
import { drawCard, USUAL_CARD } from '../unit/drawn-card';
import { NARROW, openPage, press, textOf, waitForText, withDemo } from './app';

const demo = withDemo();
const folder = mkdtempSync(path.join(tmpdir(), 'frost-camera-'));

/** A camera that sees one picture: some frames of it, uncompressed (YUV4MPEG2). */
async function filmOf(text: string): Promise<string> {
  const [width, height] = [640, 480];
  const code = await QRCode.toBuffer(text, { width: 360, margin: 4 });
  const grey = await sharp({ create: { width, height, channels: 3, background: '#888888' } })
    .composite([{ input: code, gravity: 'centre' }])
    .greyscale()
    .raw()
    .toBuffer();
  const light = grey.length === width * height ? grey : grey.filter((_, i) => i % 3 === 0);
  const colour = Buffer.alloc((width * height) / 2, 128);
  const frame = Buffer.concat([Buffer.from('FRAME\n'), light, colour]);
  const head = Buffer.from(`YUV4MPEG2 W${width} H${height} F10:1 Ip A1:1 C420jpeg\n`);
  const file = path.join(folder, 'label.y4m');
  writeFileSync(file, Buffer.concat([head, ...Array<Buffer>(10).fill(frame)]));
  return file;
}

describe('the camera', () => {
  it('opens a ski by its label, printed from whatever server', async () => {
    const film = await filmOf('https://192.168.7.4:3211/ski/demo-ski-ilo-skate');
    const browser = await puppeteer.launch({
      executablePath: CHROMIUM,
      args: [
        ...CHROMIUM_FLAGS,
        '--use-fake-ui-for-media-stream',
        '--use-fake-device-for-media-stream',
        `--use-file-for-fake-video-capture=${film}`,
      ],
    });
    const { page, errors } = await openPage(
      browser,
      `${demo.app.url}/outing/demo-relay/skis`,
      NARROW,
    );
    await press(page, 'Scan a label');
    await page.waitForFunction(() => location.pathname.endsWith('/skis/demo-ski-ilo-skate'));
    await waitForText(page, 'Ilo skate');
    expect(errors).toEqual([]);
    await browser.close();
  });

  it('measures grains on a ruled card; a person looks, and takes the size', async () => {
    const { picture, sizesMm } = drawCard();
    const file = path.join(folder, 'card.png');
    const { width, height } = picture;
    await sharp(Buffer.from(picture.grey), { raw: { width, height, channels: 1 } })
      .png()
      .toFile(file);
    const { page, errors } = await openPage(
      demo.browser,
      `${demo.app.url}/outing/demo-relay/snow`,
      NARROW,
    );
    await press(page, 'Time, spot, instrument, sharpness, note');
    await waitForText(page, 'Put grains on a dark, squared card');
    await press(page, `${USUAL_CARD.rulingMm} mm`, 'radio');
    const fields = await page.$$('input[type="file"][accept*="image"]');
    await fields[0]!.uploadFile(file);
    const said = await textOf(page, 'grain-size');
    const median = Number(/Median ([\d.]+) mm/.exec(said)![1]);
    const truth = sizesMm[Math.floor(sizesMm.length / 2)]!;
    expect(Math.abs(median / truth - 1)).toBeLessThan(0.15);
    await press(page, `Take ${median} mm`);
    await page.waitForFunction(
      (mm) =>
        [...document.querySelectorAll<HTMLInputElement>('input')].some(
          ({ value }) => Number(value) === mm,
        ),
      {},
      median,
    );
    expect(errors).toEqual([]);
  });
});
