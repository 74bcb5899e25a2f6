import { mapRow } from '../core/iron';
import type { IronReply, IronRequest } from './iron-map';

self.onmessage = ({ data }: MessageEvent<IronRequest>) => {
  for (const { at, setC } of data.rows) {
    const reply: IronReply = { at, regions: mapRow(data.question, setC, data.passS) };
    self.postMessage(reply);
  }
};
