import type { Operation } from '../api/client';
import { happened } from './facts';
import { ulid } from './ulid';
import { say } from '../measure/say';

const LONGEST = 2560;

/** A picture drawn anew, no larger than it needs to be: what the camera noted of place and time stays behind. */
export async function photoOf(
    file: File,
    of: { kind: 'photo'; reading: string } | { kind: 'picture'; about: string; caption?: string; mark?: object },
): Promise<{ op: Operation; blob: Blob; photo: string }> {
    const image = await createImageBitmap(file).catch(() => {
        throw new Error(say('This picture cannot be read; take it again, as JPEG or PNG.'));
    });
    const scale = Math.min(1, LONGEST / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(image.width * scale);
    canvas.height = Math.round(image.height * scale);
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.85));
    if (!blob) throw new Error(say('This picture cannot be kept; take it again.'));
    const photo = ulid();
    const value = { ...of, photo, width: canvas.width, height: canvas.height };
    return { op: happened(value), blob, photo };
}
