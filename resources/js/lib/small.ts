import { Fault } from './fault';

/** The longer side of what is kept, in px. */
const LONGEST = 900;
const QUALITY = 0.85;

/** The longer side of what is measured, in px. */
export const MEASURED = 1600;

/** A picture turned as the camera says and made small on this device, as a JPEG in base 64: what else the camera wrote into it stays here. */
export async function small(file: File, longest = LONGEST): Promise<string> {
    let bitmap: ImageBitmap;
    try {
        bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    } catch {
        throw new Fault('', say('lib/small.no-picture-that-this-browser', { name: file.name }));
    }
    const share = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(bitmap.width * share));
    canvas.height = Math.max(1, Math.round(bitmap.height * share));
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return canvas.toDataURL('image/jpeg', QUALITY).split(',')[1] ?? '';
}
