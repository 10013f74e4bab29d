import { type Painting, paint } from './paint';

self.addEventListener('message', async ({ data }: MessageEvent<Painting>) => {
  self.postMessage(await paint(data).convertToBlob());
});
