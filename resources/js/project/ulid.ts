const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A new element id, made where the element is created: 48 bits of time, 80 of chance. */
export function ulid(now = Date.now(), chance = crypto.getRandomValues(new Uint8Array(16))): string {
    let time = '';
    for (let i = 0, left = now; i < 10; i++, left = Math.floor(left / 32)) time = ALPHABET[left % 32]! + time;
    return time + [...chance].map((byte) => ALPHABET[byte % 32]).join('');
}
