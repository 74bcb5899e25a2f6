import { describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { dropPhoto, keepPhoto, showPhoto } from '@/features/snow/use-cases/reading-photo';
import { cleanPhoto } from '@/formats/photo';
import { temporaryDatabase, writingTo } from './temporary-database';

const picture = () =>
  sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#8899aa' } })
    .withExif({
      IFD0: { Make: 'Pocket camera' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '46/1 36/1 0/1' },
    })
    .jpeg()
    .toBuffer();

describe('a photo of a reading', () => {
  it('is made smaller and loses where and with what it was taken', async () => {
    const before = await picture();
    expect((await sharp(before).metadata()).exif).toBeDefined();
    const after = await sharp(await cleanPhoto(before)).metadata();
    expect(after).toMatchObject({ format: 'jpeg', width: 1600, height: 800 });
    expect(after.exif).toBeUndefined();
  });

  it('is kept, shown and taken away; what is no picture is refused, and a reading that is not there', async () => {
    const db = await temporaryDatabase();
    const write = writingTo(db, { id: 'photo' });
    const kept = await keepPhoto(db, {
      readingId: 'demo-reading-1',
      bytes: await picture(),
      write,
    });
    expect(kept.ok).toBe(true);
    expect((await showPhoto(db, 'demo-reading-1')).ok).toBe(true);
    expect((await dropPhoto(db, 'demo-reading-1')).ok).toBe(true);
    expect((await showPhoto(db, 'demo-reading-1')).ok).toBe(false);
    const text = new TextEncoder().encode('<svg onload="x"/> not a picture');
    expect(await keepPhoto(db, { readingId: 'demo-reading-1', bytes: text, write })).toMatchObject({
      ok: false,
      error: { code: 'invalid_file' },
    });
    expect((await keepPhoto(db, { readingId: 'nobody', bytes: text, write })).ok).toBe(false);
  });
});
