import { ref, shallowRef } from 'vue';
import type { Session } from './answers';

type Person = Session['user'];

/** Who is signed in, as the server last said; undefined before it was asked, null where nobody is. */
export const person = shallowRef<Person | undefined>();
/** The password is asked for over the page: a session ended, or an address was opened without one. */
export const asksPassword = ref(false);
/** Somebody said "later": until they sign in, nothing is sent and nobody is asked again. */
export const isPutOff = ref(false);

let hasDialog = false;
let answered: ((isIn: boolean) => void)[] = [];

/** The page has somebody to ask. Without one nothing waits for an answer that cannot come. */
export function asksOverPage(): void {
    hasDialog = true;
}

/** Resolves with true once somebody signed in over the page, with false when it is put off. */
export function signInAgain(): Promise<boolean> {
    if (!hasDialog) return Promise.resolve(false);
    asksPassword.value = true;
    return new Promise((resolve) => answered.push(resolve));
}

export function signedIn(isIn: boolean): void {
    asksPassword.value = false;
    isPutOff.value = !isIn;
    const waiting = answered;
    answered = [];
    waiting.forEach((resolve) => resolve(isIn));
}

/** What the server said of who is in. While the password is asked for, the page stays that of whom it was of. */
export function known<T extends object>(answer: T): T {
    const user = 'user' in answer ? (answer as unknown as Session).user : undefined;
    if (user !== undefined && (user !== null || !asksPassword.value)) person.value = user;
    return answer;
}
