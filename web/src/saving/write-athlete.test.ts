import { beforeEach, expect, it, vi } from 'vitest';

const sent: { path: string; body: unknown }[] = [];
let refuse = false;
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  ask: async (path: string, _: string, body: unknown) => {
    if (refuse) throw new Error('changed elsewhere');
    sent.push({ path, body });
  },
}));
const { AthleteWriter } = await import('./write-athlete');

interface Part {
  kit: string[];
  minutes?: number;
  athlete: { restrictions: string[]; tests?: number[] };
}
const opened: Part = { kit: ['chair'], athlete: { restrictions: [], tests: [1] } };
let writer: InstanceType<typeof AthleteWriter<Part>>;

beforeEach(() => {
  sent.length = 0;
  refuse = false;
  writer = new AthleteWriter<Part>();
  writer.opened('a', opened);
});

it('sends the fields that have changed and nothing else, each with what was seen', async () => {
  await writer.write('a', { ...opened, athlete: { ...opened.athlete, restrictions: ['knee'] } });
  expect(sent).toEqual([
    { path: '/athletes/a', body: { athlete: { restrictions: ['knee'] }, was: { athlete: { restrictions: [] } } } },
  ]);
});

it('what was written is what has been seen; nothing changed, nothing is sent', async () => {
  await writer.write('a', { ...opened, kit: ['chair', 'band'] });
  await writer.write('a', { ...opened, kit: ['chair', 'band'] });
  await writer.write('a', { ...opened, kit: ['band'] });
  expect(sent.map(({ body }) => body)).toEqual([
    { kit: ['chair', 'band'], was: { kit: ['chair'] } },
    { kit: ['band'], was: { kit: ['chair', 'band'] } },
  ]);
});

it('what was refused has not been seen: it goes again with what was seen before', async () => {
  refuse = true;
  await expect(writer.write('a', { ...opened, kit: [] })).rejects.toThrow();
  refuse = false;
  await writer.write('a', { ...opened, kit: [], minutes: 30 });
  expect(sent[0]?.body).toEqual({ kit: [], minutes: 30, was: { kit: ['chair'] } });
});

it('releases go along with what they release', async () => {
  const released = { ...opened, athlete: { restrictions: ['hip'] }, releases: [{ by: 'doctor' }] };
  await writer.write('a', released);
  expect(sent[0]?.body).toMatchObject({ releases: [{ by: 'doctor' }], was: { athlete: { restrictions: [] } } });
});
