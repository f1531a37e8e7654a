import { zone } from './time';

const A_YEAR = 31_536_000;

/** Something of this device that the page is put together by: no secret, and kept for this site alone. */
export function tell(name: 'zone' | 'theme' | 'who' | 'writes', value: string): void {
    document.cookie = say('lib/teller.path-max-age-samesite-strict', { name, encodeURIComponent: encodeURIComponent(value), A_YEAR });
}

/** Where the clock of this device stands, so that today is today. */
export function tellServer(): void {
    tell('zone', zone());
}

/** What was told before; empty where nothing was. */
export function toldBefore(name: 'who', cookies: string = document.cookie): string {
    const found = cookies.split('; ').find((one) => one.startsWith(`${name}=`));
    return found === undefined ? '' : decodeURIComponent(found.slice(name.length + 1));
}
